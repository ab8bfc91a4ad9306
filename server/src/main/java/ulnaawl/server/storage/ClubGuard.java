package ulnaawl.server.storage;

import java.io.IOException;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.config.BeanFactoryPostProcessor;
import org.springframework.beans.factory.config.ConfigurableListableBeanFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.context.EnvironmentAware;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import ulnaawl.server.platform.StartRefusal;

/**
 * Takes the club's folder and looks at its database before anything else is made, and lets go of it
 * when everything else is closed.
 */
@Component
class ClubGuard
    implements BeanFactoryPostProcessor,
        EnvironmentAware,
        ApplicationListener<ApplicationReadyEvent>,
        DisposableBean {

  private @Nullable Environment environment;
  private @Nullable ClubFolder club;

  @Override
  public void setEnvironment(Environment given) {
    environment = given;
  }

  @Override
  public void postProcessBeanFactory(ConfigurableListableBeanFactory factory) {
    if (environment == null) {
      throw new IllegalStateException("The environment comes first");
    }
    ClubFolder folder = new ClubFolder(Path.of(environment.getRequiredProperty("ulna.data")));
    folder.open();
    try {
      new DatabaseCheck(folder).run();
    } catch (StartRefusal refused) {
      close(folder);
      throw refused;
    }
    club = folder;
  }

  @Override
  public void onApplicationEvent(ApplicationReadyEvent ready) {
    if (club != null) {
      club.mark();
    }
  }

  @Override
  public void destroy() {
    if (club != null) {
      close(club);
    }
  }

  private static void close(ClubFolder folder) {
    try {
      folder.close();
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }
}
