package ulnaawl.server.register;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import ulnaawl.learning.Attendance;
import ulnaawl.server.platform.Problem;

/**
 * Who came: heads or names, as the group keeps them; the version of what was written of that day.
 */
public record CameForm(
    @Nullable @Min(0) @Max(500) Integer heads,
    @Nullable @Size(max = 200) Set<@NotNull Long> there,
    int version) {

  /** Who it says; refused where it says nothing. */
  public Attendance who() {
    if (there != null) {
      return new Attendance.ByName(there);
    }
    if (heads != null) {
      return new Attendance.Heads(heads);
    }
    throw Problem.rejected("Say how many came, or who.");
  }
}
