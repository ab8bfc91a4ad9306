package ulnaawl.server.dances;

import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.dance.edit.StepLines;
import ulnaawl.server.history.Difference;

/** Where two texts of a dance differ: in their steps, or else in how they are written. */
@Component
@RequiredArgsConstructor
public class DanceComparison {

  private final DanceReader reader;

  /**
   * What differs; what has mistakes is not known as steps, so then both are compared as written.
   */
  public List<Difference> between(String was, String now) {
    ReadDance one = reader.readOnce(was);
    ReadDance other = reader.readOnce(now);
    if (one.isSound() && other.isSound()) {
      List<Difference> steps =
          Difference.between(
              StepLines.of(one.dance(), reader.book()), StepLines.of(other.dance(), reader.book()));
      if (!steps.isEmpty()) {
        return steps;
      }
    }
    return Difference.between(was.lines().toList(), now.lines().toList());
  }
}
