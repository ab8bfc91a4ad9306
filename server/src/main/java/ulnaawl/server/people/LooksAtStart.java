package ulnaawl.server.people;

import lombok.RequiredArgsConstructor;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;

/** Before the first request: names that an earlier release wrote are compared by their looks. */
@Component
@RequiredArgsConstructor
class LooksAtStart implements SmartInitializingSingleton {

  private final PeopleStore store;

  @Override
  public void afterSingletonsInstantiated() {
    if (store.someHaveNoLook()) {
      store.fillInLooks();
    }
  }
}
