package ulnaawl.server.history;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.Function;

/**
 * Remembers what was computed from the database, by what was asked, until anything is changed. What
 * was changed while an answer was being computed is missing from it at most for those who had asked
 * before.
 *
 * @param <K> what is asked: a value that is equal where the answer is
 * @param <V> the answer
 */
public final class UntilChanged<K, V> {

  private record Asked<K>(K question, long changes) {}

  private final Changes changes;
  private final Cache<Asked<K>, V> known;

  /**
   * Remembers nothing yet.
   *
   * @param most so many answers, from 1; those that were not asked for longest go first
   */
  public UntilChanged(Changes changes, int most) {
    this.changes = changes;
    this.known = Caffeine.newBuilder().maximumSize(most).build();
  }

  /** The answer, computed at most once for all who ask at the same time. */
  public V get(K question, Function<? super K, ? extends V> compute) {
    return known.get(
        new Asked<>(question, changes.soFar()), asked -> compute.apply(asked.question()));
  }
}
