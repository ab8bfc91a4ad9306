package ulnaawl.server.dances;

import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;

/** Before the first request: versions that an earlier release wrote get their section keys. */
@Component
class SectionKeysAtStart implements SmartInitializingSingleton {

  private final DanceService dances;

  SectionKeysAtStart(DanceService dances) {
    this.dances = dances;
  }

  @Override
  public void afterSingletonsInstantiated() {
    if (dances.someHaveNoKeys()) {
      dances.fillInKeys();
    }
  }
}
