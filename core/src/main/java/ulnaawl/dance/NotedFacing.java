package ulnaawl.dance;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ulnaawl.floor.Facing;
import ulnaawl.floor.RelativeFacing;

/** A facing that a remark in brackets states, as sheets do: {@code (3:00)}, {@code [6 o'clock]}. */
public final class NotedFacing {

  private static final Pattern CLOCK =
      Pattern.compile(
          "(?:now\\s+)?(?:(?:facing|face|faces|to|at)\\s+)?(?:the\\s+)?"
              + "(\\d{1,2}(?:[:.]\\d\\d)?|front|back|home)"
              + "(?:\\s*o'?\\s?clock)?(?:\\s+wall)?",
          Pattern.CASE_INSENSITIVE);

  private NotedFacing() {}

  /** The last facing that a place's remark states, as if its wall began at 12. */
  public static Optional<RelativeFacing> of(Place place) {
    return in(place.note());
  }

  /** The last facing in remarks that semicolons part. */
  public static Optional<RelativeFacing> in(String note) {
    if (note.isEmpty()) {
      return Optional.empty();
    }
    Optional<RelativeFacing> facing = Optional.empty();
    for (String one : note.split(";")) {
      Matcher clock = CLOCK.matcher(one.strip());
      if (clock.matches()) {
        facing =
            Facing.named(clock.group(1).replace('.', ':'))
                .map(found -> new RelativeFacing(found.eighths()));
      }
    }
    return facing;
  }
}
