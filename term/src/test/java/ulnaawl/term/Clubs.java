package ulnaawl.term;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Level;
import ulnaawl.learning.Evidence;
import ulnaawl.learning.Happened;
import ulnaawl.learning.LearningRecord;
import ulnaawl.learning.Outcome;
import ulnaawl.plan.DanceFacts;
import ulnaawl.plan.DanceFacts.SectionFacts;
import ulnaawl.plan.Frame;
import ulnaawl.plan.Theme;
import ulnaawl.plan.solve.ClassBlock.Speed;

/** Invented clubs of any size. */
public final class Clubs {

  public static final LocalDate FIRST = LocalDate.of(2026, 9, 7);
  private static final FigureBook BOOK = FigureBook.standard();
  private static final List<String> STYLES = List.of("waltz", "cha-cha", "polka", "swing", "");

  private Clubs() {}

  /** A dance of some sections of eight counts. */
  public static TermDance dance(
      long id, Level level, int sections, String style, int walls, Set<String> figures) {
    List<SectionFacts> parts =
        IntStream.rangeClosed(1, sections)
            .mapToObj(it -> new SectionFacts(it, 8, figures))
            .toList();
    DanceFacts facts =
        new DanceFacts(
            "Dance " + id,
            level,
            8 * sections,
            parts,
            List.copyOf(new TreeSet<>(figures)),
            Optional.of(style).filter(it -> !it.isEmpty()),
            Speed.values()[(int) (id % 3)],
            30,
            OptionalInt.of(180));
    return new TermDance(id, facts, walls, Set.of());
  }

  /** A group that meets every week, but in closed ones. */
  public static TermGroup group(
      long id, Level level, int weeks, int mostNew, Set<Integer> closed, List<Leader> leaders) {
    List<ClassOn> classes = new ArrayList<>();
    for (int week = 1; week <= weeks; week++) {
      if (!closed.contains(week)) {
        LocalDate date =
            FIRST.plusWeeks(week - 1L).plusDays(DayOfWeek.of((int) (id % 5) + 1).getValue() - 1L);
        classes.add(
            new ClassOn(
                id,
                classes.size(),
                week,
                date,
                LocalTime.of(19, 0),
                75,
                new Frame(75, level).danceMinutes(),
                false,
                leaders,
                leaders.stream().findFirst()));
      }
    }
    return new TermGroup(id, "Group " + id, level, mostNew, Set.of(), classes, true);
  }

  /** The group once its first classes are over. */
  public static TermGroup held(TermGroup group, int first) {
    List<ClassOn> classes =
        group.classes().stream()
            .map(it ->
                new ClassOn(
                    it.group(),
                    it.index(),
                    it.week(),
                    it.date(),
                    it.start(),
                    it.minutes(),
                    it.danceMinutes(),
                    it.index() < first,
                    it.leaders(),
                    it.usual()))
            .toList();
    return new TermGroup(
        group.id(), group.name(), group.level(), group.mostNew(), group.met(), classes, true);
  }

  /** A dance that was taught to the end and danced since, weeks before the term. */
  public static Begun known(long group, TermDance dance, int weeksAgo) {
    SectionSet all = SectionSet.upTo(dance.facts().sections().size());
    List<Evidence> evidence =
        List.of(
            Evidence.of(FIRST.minusWeeks(weeksAgo + 2L), Happened.TAUGHT, all, Outcome.SOLID),
            Evidence.of(FIRST.minusWeeks(weeksAgo + 1L), Happened.DANCED, all, Outcome.SOLID));
    return begun(group, dance, evidence);
  }

  /** A dance of which the first section was shown, the week before the term. */
  public static Begun started(long group, TermDance dance) {
    return begun(
        group,
        dance,
        List.of(
            Evidence.of(
                FIRST.minusWeeks(1), Happened.INTRODUCED, SectionSet.upTo(1), Outcome.SOLID)));
  }

  private static Begun begun(long group, TermDance dance, List<Evidence> evidence) {
    return new Begun(
        group,
        dance.id(),
        LearningRecord.standing(evidence, dance.facts().sections().size(), FIRST),
        evidence);
  }

  public static TermProblem problem(
      List<TermGroup> groups, List<TermDance> dances, List<Begun> begun, List<Wish> wishes) {
    return new TermProblem(
        groups, dances, BOOK, begun, wishes, List.of(), Optional.empty(), Optional.empty());
  }

  /** A club by chance. */
  public static TermProblem random(long seed, int groups, int weeks, int dances) {
    Random chance = new Random(seed);
    List<String> figures =
        BOOK.figures().stream().filter(it -> !it.isElementary()).map(Figure::name).toList();
    List<TermDance> all = new ArrayList<>();
    for (long id = 1; id <= dances; id++) {
      Set<String> own =
          IntStream.range(0, 2 + chance.nextInt(4))
              .mapToObj(_ -> figures.get(chance.nextInt(figures.size())))
              .collect(Collectors.toSet());
      all.add(
          dance(
              id,
              Level.values()[chance.nextInt(Level.values().length)],
              2 + chance.nextInt(6),
              STYLES.get(chance.nextInt(STYLES.size())),
              1 << chance.nextInt(3),
              own));
    }
    List<Leader> leaders =
        IntStream.rangeClosed(1, 1 + groups)
            .mapToObj(it ->
                new Leader(
                    it,
                    "Leader " + it,
                    all.stream()
                        .map(TermDance::id)
                        .filter(_ -> chance.nextInt(3) > 0)
                        .collect(Collectors.toSet())))
            .toList();
    List<TermGroup> who = new ArrayList<>();
    List<Begun> begun = new ArrayList<>();
    List<Wish> wishes = new ArrayList<>();
    for (long id = 1; id <= groups; id++) {
      Set<Integer> closed = chance.nextBoolean() ? Set.of(1 + chance.nextInt(weeks)) : Set.of();
      List<Leader> could =
          leaders.stream().filter(it -> it.id() == 1 || chance.nextInt(3) > 0).toList();
      TermGroup group =
          group(id, Level.values()[chance.nextInt(4)], weeks, 1 + chance.nextInt(5), closed, could);
      Set<String> met = new TreeSet<>();
      for (TermDance dance : all) {
        if (dance.facts().level().above(group.level()) <= 0 && chance.nextInt(6) == 0) {
          begun.add(
              chance.nextInt(8) == 0
                  ? started(id, dance)
                  : known(id, dance, 1 + chance.nextInt(10)));
          met.addAll(dance.facts().figures());
        } else if (chance.nextInt(20) == 0) {
          wishes.add(new Wish(id, dance.id(), 1 + chance.nextInt(4)));
        }
      }
      who.add(
          new TermGroup(
              id, group.name(), group.level(), group.mostNew(), met, group.classes(), true));
    }
    Theme theme = new Theme("Waltz weeks", FIRST.plusWeeks(2), FIRST.plusWeeks(4), Set.of("waltz"));
    return new TermProblem(
        who,
        all,
        BOOK,
        begun,
        wishes,
        List.of(theme),
        Optional.of(FIRST.plusWeeks(weeks)),
        Optional.empty());
  }
}
