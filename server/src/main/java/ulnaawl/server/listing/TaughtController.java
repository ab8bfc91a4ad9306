package ulnaawl.server.listing;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.people.PersonId;
import ulnaawl.server.dances.Catalog;
import ulnaawl.server.dances.CatalogDance;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.learning.EntryRow;
import ulnaawl.server.learning.RecordService;
import ulnaawl.server.platform.Today;

/** Who taught what when, in all groups. */
@RestController
@RequestMapping("/api/taught")
@RequiredArgsConstructor
class TaughtController {

  private static final int MOST_WEEKS = 60;

  private final GroupService groups;
  private final RecordService record;
  private final Catalog catalog;
  private final Today today;

  /**
   * A dance in a class.
   *
   * @param sections what was danced, by its numbers of then; empty for all of it
   * @param by who led
   */
  record TaughtLine(
      long id,
      LocalDate date,
      long group,
      String groupName,
      long dance,
      String title,
      Happened happened,
      @Nullable SectionSet sections,
      Outcome outcome,
      PersonId by) {}

  /** What was danced in the last weeks, the newest first. */
  @GetMapping
  List<TaughtLine> taught(@RequestParam @Min(1) @Max(MOST_WEEKS) int weeks) {
    LocalDate to = today.date();
    LocalDate from = to.minusWeeks(weeks);
    Map<Long, String> names =
        groups.everKnown().values().stream()
            .collect(Collectors.toMap(GroupRow::id, GroupRow::name));
    Map<Long, String> titles =
        catalog.now().allEver().stream()
            .collect(Collectors.toMap(CatalogDance::id, it -> it.row().title()));
    return record.between(from, to).stream()
        .sorted(Comparator.comparing(EntryRow::date).thenComparingLong(EntryRow::id).reversed())
        .map(it ->
            new TaughtLine(
                it.id(),
                it.date(),
                it.group(),
                names.getOrDefault(it.group(), ""),
                it.at().dance(),
                titles.getOrDefault(it.at().dance(), ""),
                it.happened(),
                it.shown().orElse(null),
                it.outcome(),
                it.leader()))
        .toList();
  }
}
