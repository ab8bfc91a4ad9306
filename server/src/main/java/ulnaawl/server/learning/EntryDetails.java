package ulnaawl.server.learning;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import ulnaawl.learning.Outcome;
import ulnaawl.people.PersonId;
import ulnaawl.server.learning.EntryRow.Details;
import ulnaawl.server.platform.Problem;

/**
 * What else is known of an entry of the record, as it travels.
 *
 * @param spots how single sections went
 * @param percent the share of full speed at which it was danced
 * @param minutes how long it took
 * @param options which options this group dances; may be empty
 * @param ledBy who led, where it was not who wrote it down
 * @param byItself whether a run-through or a teach noted it; said, never heard
 */
public record EntryDetails(
    @NotNull @Size(max = 60) List<@NotNull @Valid SpotView> spots,
    @Nullable @Min(1) @Max(100) Integer percent,
    @Nullable @Min(1) @Max(240) Integer minutes,
    @NotNull @Size(max = 200) String options,
    @Nullable PersonId ledBy,
    @Nullable Boolean byItself) {

  /** How one section went, by its number in the version of the entry. */
  public record SpotView(int section, @NotNull Outcome outcome) {}

  /** Of an entry. */
  public static EntryDetails of(Details details) {
    return new EntryDetails(
        details.spots().entrySet().stream()
            .map(it -> new SpotView(it.getKey(), it.getValue()))
            .sorted(Comparator.comparingInt(SpotView::section))
            .toList(),
        details.percent().orElse(null),
        details.minutes().orElse(null),
        details.options(),
        details.ledBy().orElse(null),
        details.byItself());
  }

  /**
   * What it says of an entry.
   *
   * @param leader refuses who does not lead in the club
   */
  public static Details details(@Nullable EntryDetails view, UnaryOperator<PersonId> leader) {
    if (view == null) {
      return Details.NONE;
    }
    Map<Integer, Outcome> spots = new TreeMap<>();
    for (SpotView spot : view.spots()) {
      if (spots.put(spot.section(), spot.outcome()) != null) {
        throw Problem.rejected("Section " + spot.section() + " is said to have gone two ways.");
      }
    }
    return new Details(
        spots,
        Optional.ofNullable(view.percent()),
        Optional.ofNullable(view.minutes()),
        view.options().strip(),
        Optional.ofNullable(view.ledBy()).map(leader),
        false);
  }
}
