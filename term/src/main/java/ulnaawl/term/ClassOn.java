package ulnaawl.term;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import ulnaawl.handover.ClassTime;

/**
 * A class of a group in the term; days that are closed have none. A class is the same as another
 * one where group and index are the same.
 *
 * @param group the group's number
 * @param index which of the group's classes, from 0
 * @param week which week of the term, from 1
 * @param minutes how long it lasts
 * @param danceMinutes of these, without warm-up, breaks and cool-down
 * @param held whether it is over: what happened in it stands
 * @param leaders who could lead: not away on that day
 * @param usual who leads the group usually, or was named for that class
 */
public record ClassOn(
    long group,
    int index,
    int week,
    LocalDate date,
    LocalTime start,
    int minutes,
    int danceMinutes,
    boolean held,
    List<Leader> leaders,
    Optional<Leader> usual) {

  public ClassOn {
    leaders = List.copyOf(leaders);
  }

  /** Whether nobody could lead both. */
  public boolean overlaps(ClassOn other) {
    return date.equals(other.date)
        && new ClassTime(start, minutes).overlaps(new ClassTime(other.start, other.minutes));
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof ClassOn it && it.group == group && it.index == index;
  }

  @Override
  public int hashCode() {
    return Long.hashCode(group) * 31 + index;
  }
}
