package ulnaawl.server.history;

import org.jspecify.annotations.Nullable;

/** A line that a change took away, put in, or put in the place of another, as it is sent. */
public record LineDifference(@Nullable String was, @Nullable String now) {

  public static LineDifference of(Difference one) {
    return new LineDifference(one.was().orElse(null), one.now().orElse(null));
  }
}
