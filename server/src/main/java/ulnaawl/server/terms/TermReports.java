package ulnaawl.server.terms;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import ulnaawl.formats.ReportPdf;
import ulnaawl.learning.LookBack;
import ulnaawl.learning.LookBack.Became;
import ulnaawl.learning.LookBack.DanceBack;
import ulnaawl.learning.Stage;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.server.classes.ClassRow;
import ulnaawl.server.classes.ClassService;
import ulnaawl.server.classes.LineRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.learning.Standings;
import ulnaawl.server.platform.Today;
import ulnaawl.words.Speech;

/** A term, looked back upon: what was planned, what was learned, what has faded. */
@Component
@RequiredArgsConstructor
class TermReports {

  private final TermStore store;
  private final GroupService groups;
  private final Standings standings;
  private final ClassService classes;
  private final Today today;
  private final Speech speech;

  /**
   * A dance in the report.
   *
   * @param first the first day of the term on which something was done with it
   * @param planned whether the term had it planned as something to learn
   */
  record ReportedDance(
      long dance,
      String title,
      Stage stage,
      @Nullable LocalDate first,
      int days,
      boolean planned) {}

  /** The dances of which the same became; {@code words} says what. */
  record ReportPart(Became became, String words, List<ReportedDance> dances) {}

  /** Minutes of the classes that were written down, by what they were for. */
  record KindMinutes(Kind kind, int minutes) {}

  /** A dance that was planned and not begun. */
  record NotBegun(long dance, String title) {}

  /**
   * A group in the report.
   *
   * @param days on how many days something was danced or taught
   * @param planned how many dances were planned to be learned
   * @param plannedLearned how many of these were
   */
  record GroupReport(
      long group,
      String name,
      int days,
      int newFigures,
      int figures,
      int planned,
      int plannedLearned,
      List<ReportPart> parts,
      List<NotBegun> notBegun,
      List<KindMinutes> minutes) {}

  /** The report of a term; {@code until} is today while it goes on. */
  record TermReport(
      long id,
      String name,
      LocalDate from,
      LocalDate to,
      LocalDate until,
      List<GroupReport> groups) {}

  TermReport of(TermRow term) {
    LocalDate until = term.to().isBefore(today.date()) ? term.to() : today.date();
    List<ClassRow> held =
        until.isBefore(term.from())
            ? List.of()
            : classes.between(term.from(), until).stream().filter(ClassRow::recorded).toList();
    return new TermReport(
        term.id(),
        term.name(),
        term.from(),
        term.to(),
        until,
        until.isBefore(term.from())
            ? List.of()
            : term.groups().stream().map(it -> group(term, it.group(), until, held)).toList());
  }

  private GroupReport group(TermRow term, long group, LocalDate until, List<ClassRow> held) {
    LookBack back = standings.lookBack(group, term.from(), until);
    Map<Long, String> titles =
        standings.of(group, today.date()).stream()
            .collect(Collectors.toMap(it -> it.row().id(), it -> it.row().title()));
    Set<Long> planned = toLearn(term, group, back);
    Set<Long> learned =
        back.of(Became.LEARNED).stream().map(DanceBack::dance).collect(Collectors.toSet());
    Set<Long> begun = back.dances().stream().map(DanceBack::dance).collect(Collectors.toSet());
    return new GroupReport(
        group,
        groups.get(group).name(),
        back.days(),
        back.newFigures(),
        back.figures(),
        planned.size(),
        (int) planned.stream().filter(learned::contains).count(),
        parts(back, titles, planned),
        planned.stream()
            .filter(it -> !begun.contains(it))
            .map(it -> new NotBegun(it, titles.getOrDefault(it, "a dance")))
            .sorted(Comparator.comparing(NotBegun::title))
            .toList(),
        minutes(group, held));
  }

  /** What the term had planned for a group that had not learned it before the term began. */
  private Set<Long> toLearn(TermRow term, long group, LookBack back) {
    Set<Long> before =
        back.dances().stream()
            .filter(it -> it.before().isLearned())
            .map(DanceBack::dance)
            .collect(Collectors.toSet());
    return store.planned(term.id(), group).stream()
        .filter(it -> !before.contains(it))
        .collect(Collectors.toSet());
  }

  private List<ReportPart> parts(LookBack back, Map<Long, String> titles, Set<Long> planned) {
    List<ReportPart> parts = new ArrayList<>();
    for (Became became : Became.values()) {
      List<ReportedDance> dances =
          back.of(became).stream()
              .map(it ->
                  new ReportedDance(
                      it.dance(),
                      titles.getOrDefault(it.dance(), "a dance"),
                      it.stage(),
                      it.first().orElse(null),
                      it.days(),
                      planned.contains(it.dance())))
              .toList();
      if (!dances.isEmpty()) {
        parts.add(new ReportPart(became, speech.learning().became(became), dances));
      }
    }
    return parts;
  }

  private static List<KindMinutes> minutes(long group, List<ClassRow> held) {
    Map<Kind, Integer> all = new EnumMap<>(Kind.class);
    held.stream()
        .filter(it -> it.group() == group)
        .flatMap(it -> it.lines().stream())
        .forEach((LineRow it) -> all.merge(it.kind(), it.minutes(), Integer::sum));
    return all.entrySet().stream().map(it -> new KindMinutes(it.getKey(), it.getValue())).toList();
  }

  /** The same as a PDF. */
  byte[] pdf(TermRow term) {
    TermReport report = of(term);
    return ReportPdf.write(
        report.name(),
        speech.learning().span(report.from(), report.until()),
        report.groups().stream().map(this::page).toList());
  }

  private ReportPdf.Group page(GroupReport group) {
    List<String> facts = new ArrayList<>();
    facts.add(
        speech
            .learning()
            .report(group.days(), group.planned(), group.plannedLearned(), group.newFigures()));
    Optional.of(group.minutes())
        .filter(it -> !it.isEmpty())
        .ifPresent(it ->
            facts.add(
                it.stream()
                        .map(one -> speech.plan().kind(one.kind()) + " " + one.minutes())
                        .collect(Collectors.joining(", "))
                    + " minutes."));
    List<ReportPdf.Part> parts =
        new ArrayList<>(
            group.parts().stream()
                .map(it ->
                    new ReportPdf.Part(
                        it.words(), it.dances().stream().map(ReportedDance::title).toList()))
                .toList());
    if (!group.notBegun().isEmpty()) {
      parts.add(
          new ReportPdf.Part(
              speech.learning().notBegun(),
              group.notBegun().stream().map(NotBegun::title).toList()));
    }
    return new ReportPdf.Group(group.name(), facts, parts);
  }
}
