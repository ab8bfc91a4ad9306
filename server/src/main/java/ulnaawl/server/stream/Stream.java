package ulnaawl.server.stream;

import java.io.IOException;
import java.util.Optional;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * A browser that listens, by server-sent events (HTML Living Standard, 9.2). What it is told waits
 * in a short queue and is sent by a thread of its own, so that a slow one keeps nobody waiting; one
 * that does not keep up is let go, and comes back by itself.
 */
public final class Stream {

  /** More than this waits for nobody. */
  private static final int MOST_WAITING = 200;

  /** Without a word for so long a proxy or a browser would think that nobody is there. */
  private static final int SIGN_OF_LIFE_SECONDS = 15;

  private record Said(String name, Object data) {}

  private final SseEmitter emitter = new SseEmitter(0L);
  private final BlockingQueue<Said> waiting = new ArrayBlockingQueue<>(MOST_WAITING);
  private final AtomicBoolean open = new AtomicBoolean(true);
  private final Consumer<Stream> whenGone;
  private volatile Optional<Thread> sender = Optional.empty();

  Stream(Consumer<Stream> whenGone) {
    this.whenGone = whenGone;
    emitter.onCompletion(this::close);
    emitter.onTimeout(this::close);
    emitter.onError(_ -> close());
  }

  void start() {
    sender = Optional.of(Thread.ofVirtual().name("stream").start(this::send));
  }

  /** What a controller answers. */
  public SseEmitter emitter() {
    return emitter;
  }

  /** Tells it something; at once where nothing waits. */
  public void tell(String name, Object data) {
    if (open.get() && !waiting.offer(new Said(name, data))) {
      close();
    }
  }

  /** Lets it go; once. */
  public void close() {
    if (open.compareAndSet(true, false)) {
      whenGone.accept(this);
      sender.ifPresent(Thread::interrupt);
      emitter.complete();
    }
  }

  private void send() {
    try {
      while (open.get()) {
        Said next = waiting.poll(SIGN_OF_LIFE_SECONDS, TimeUnit.SECONDS);
        emitter.send(
            next == null
                ? SseEmitter.event().comment("here")
                : SseEmitter.event().name(next.name()).data(next.data()));
      }
    } catch (IOException | IllegalStateException gone) {
      close();
    } catch (InterruptedException closed) {
      Thread.currentThread().interrupt();
    }
  }
}
