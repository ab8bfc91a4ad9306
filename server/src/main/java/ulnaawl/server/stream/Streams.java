package ulnaawl.server.stream;

import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** All browsers that listen. */
@Component
public class Streams {

  private final Set<Stream> open = ConcurrentHashMap.newKeySet();

  /**
   * A new one.
   *
   * @param whenGone runs once, whoever ends it
   */
  public Stream open(Runnable whenGone) {
    Stream[] made = new Stream[1];
    Stream stream =
        new Stream(() -> {
          open.remove(made[0]);
          whenGone.run();
        });
    made[0] = stream;
    open.add(stream);
    stream.start();
    return stream;
  }

  /** An open one must not hold up the stop of the server. */
  @EventListener(ContextClosedEvent.class)
  void closeAll() {
    open.forEach(Stream::close);
  }
}
