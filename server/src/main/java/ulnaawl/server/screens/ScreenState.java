package ulnaawl.server.screens;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.server.wire.ScopeView;

/**
 * What a screen shows: where the run-through is at every moment of the server's clock.
 *
 * @param dance which dance
 * @param scope what is danced of it
 * @param playing whether it runs; else it stands at the first point
 * @param points where it was or will be, in order of time; before and after them it runs on as
 *     between the two that are nearest, or by {@code ticksASecond}
 * @param ticksASecond how fast it runs
 * @param lastTick it stands when it has come there
 * @param percent speed in percent of the full rate
 */
record ScreenState(
    @NotNull Long dance,
    @NotNull @Valid ScopeView scope,
    boolean playing,
    @NotNull @Size(min = 1, max = ScreenState.MOST_POINTS) List<@Valid @NotNull Point> points,
    @Min(0) @Max(ScreenState.FASTEST) double ticksASecond,
    int lastTick,
    @Nullable Integer percent) {

  static final int MOST_POINTS = 400;
  static final int FASTEST = 1000;

  ScreenState {
    points = List.copyOf(points);
  }

  /** A tick and the moment at which it falls, in milliseconds of the server's clock. */
  record Point(double tick, double millis) {}
}
