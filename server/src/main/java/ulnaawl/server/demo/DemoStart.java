package ulnaawl.server.demo;

import lombok.RequiredArgsConstructor;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.platform.UlnaSettings;

/**
 * Has the invented club loaded before the first request can come in, where one is wanted and there
 * is none yet. Elsewhere a start writes nothing: on a full disk it would be refused.
 */
@Component
@RequiredArgsConstructor
class DemoStart implements SmartInitializingSingleton {

  private final UlnaSettings settings;
  private final PeopleService people;
  private final DemoClub club;

  @Override
  public void afterSingletonsInstantiated() {
    if (settings.demo() && people.needsSetup()) {
      club.load();
    }
  }
}
