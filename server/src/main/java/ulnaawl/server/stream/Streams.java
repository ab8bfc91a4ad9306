package ulnaawl.server.stream;

import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
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
   * @param whenGone is given it once it is closed, whoever closes it
   */
  public Stream open(Consumer<Stream> whenGone) {
    Consumer<Stream> forget = open::remove;
    Stream stream = new Stream(forget.andThen(whenGone));
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
