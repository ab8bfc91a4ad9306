package ulnaawl.server.learning;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import ulnaawl.figure.FigureBook;
import ulnaawl.learning.Evidence;
import ulnaawl.learning.LearningRecord;
import ulnaawl.learning.LookBack;
import ulnaawl.learning.Progress;
import ulnaawl.learning.Register;
import ulnaawl.learning.Ruling;
import ulnaawl.learning.Standing;
import ulnaawl.server.dances.Catalog;
import ulnaawl.server.dances.CatalogDance;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.history.Changes;
import ulnaawl.server.history.UntilChanged;
import ulnaawl.server.register.Registers;
import ulnaawl.server.rulings.Rulings;

/**
 * Where groups stand with every dance that ever was; read from the record, and remembered by group
 * and day until something is changed.
 */
@Component
public class Standings {

  private static final int REMEMBERED = 40;

  private final EntryStore evidence;
  private final Rulings rulings;
  private final Registers registers;
  private final Catalog catalog;
  private final DanceReader reader;
  private final UntilChanged<Key, List<GroupDance>> known;
  private final UntilChanged<All, Said> said;

  Standings(
      EntryStore evidence,
      Rulings rulings,
      Registers registers,
      Catalog catalog,
      DanceReader reader,
      Changes changes) {
    this.rulings = rulings;
    this.registers = registers;
    this.known = new UntilChanged<>(changes, REMEMBERED);
    this.said = new UntilChanged<>(changes, 1);
    this.evidence = evidence;
    this.catalog = catalog;
    this.reader = reader;
  }

  private record Key(long group, LocalDate day) {}

  /** Every group: there is one such question. */
  private record All() {}

  /** A dance, what one group has done of it, and where it stands with it. */
  public record GroupDance(CatalogDance dance, List<Evidence> evidence, Standing standing) {
    public GroupDance {
      evidence = List.copyOf(evidence);
    }

    public DanceRow row() {
      return dance.row();
    }
  }

  /** All dances, archived ones too, as a group stands with them on a day. */
  public List<GroupDance> of(long group, LocalDate day) {
    return known.get(new Key(group, day), _ -> read(group, day));
  }

  /** What a group had learned at the end of each week until a day. */
  Progress progress(long group, LocalDate day) {
    FigureBook book = reader.book();
    return Progress.of(
        of(group, day).stream()
            .filter(one -> !one.evidence().isEmpty())
            .map(one -> dance(one, book))
            .toList(),
        register(group),
        day);
  }

  /** What became of a group from one day to another. */
  public LookBack lookBack(long group, LocalDate from, LocalDate until) {
    FigureBook book = reader.book();
    return LookBack.of(
        of(group, until).stream()
            .filter(one -> !one.evidence().isEmpty())
            .map(one -> new LookBack.Numbered(one.row().id(), dance(one, book)))
            .toList(),
        register(group),
        from,
        until);
  }

  private Register register(long group) {
    return said().keeping().contains(group)
        ? new Register(registers.attendance(group))
        : Register.NOT_KEPT;
  }

  private static Progress.Dance dance(GroupDance one, FigureBook book) {
    return new Progress.Dance(
        one.evidence(),
        one.dance().sections(),
        one.standing().ruling(),
        shown -> figures(one.dance().facts().figuresIn(shown), book));
  }

  /** Without single steps, which are nobody's news. */
  private static Set<String> figures(Set<String> names, FigureBook book) {
    return names.stream()
        .filter(name -> book.find(name).filter(it -> !it.isElementary()).isPresent())
        .collect(Collectors.toSet());
  }

  /** What was said of all groups. */
  private record Said(Map<Long, Map<Long, Ruling>> rulings, Set<Long> keeping) {}

  private Said said() {
    return said.get(new All(), _ -> new Said(rulings.holding(), registers.keeping()));
  }

  private List<GroupDance> read(long group, LocalDate day) {
    Catalog.Snapshot all = catalog.now();
    Map<Long, List<EntryRow>> byDance =
        evidence.of(group).stream().collect(Collectors.groupingBy(row -> row.at().dance()));
    Said now = said();
    Map<Long, Ruling> ruled = now.rulings().getOrDefault(group, Map.of());
    Register register =
        now.keeping().contains(group)
            ? new Register(registers.attendance(group))
            : Register.NOT_KEPT;
    return all.allEver().stream()
        .map(dance -> {
          List<Evidence> happened =
              byDance.getOrDefault(dance.id(), List.of()).stream()
                  .map(one ->
                      one.read(
                          all.keys().getOrDefault(one.at(), dance.row().keys()),
                          dance.row().keys()))
                  .toList();
          return new GroupDance(
              dance,
              happened,
              LearningRecord.standing(
                  happened,
                  dance.sections(),
                  day,
                  register,
                  Optional.ofNullable(ruled.get(dance.id()))));
        })
        .toList();
  }

  /** Names of the figures that a group has met in what it has been shown. */
  public static Set<String> figuresMet(List<GroupDance> dances) {
    Set<String> met = new HashSet<>();
    dances.forEach(one -> met.addAll(one.dance().facts().figuresIn(one.standing().shown())));
    return met;
  }
}
