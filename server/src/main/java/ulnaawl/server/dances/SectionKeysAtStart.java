package ulnaawl.server.dances;

import lombok.RequiredArgsConstructor;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;

/** Before the first request: versions that an earlier release wrote get their section keys. */
@Component
@RequiredArgsConstructor
class SectionKeysAtStart implements SmartInitializingSingleton {

  private final DanceService dances;

  @Override
  public void afterSingletonsInstantiated() {
    if (dances.someHaveNoKeys()) {
      dances.fillInKeys();
    }
  }
}
