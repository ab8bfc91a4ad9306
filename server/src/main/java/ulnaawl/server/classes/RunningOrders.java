package ulnaawl.server.classes;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Stage;
import ulnaawl.plan.ClassPlan;
import ulnaawl.plan.ClassPlanner;
import ulnaawl.plan.ClassRequest;
import ulnaawl.plan.Repertoire;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.Standings;
import ulnaawl.server.teaching.TeachingService;
import ulnaawl.teach.Teach;
import ulnaawl.teach.TeachLength;

/** Lets the core plan classes from the club's dances and a group's record. */
@Component
class RunningOrders {

  private static final int USUAL_SONG_MINUTES = 4;

  private final Standings standings;
  private final DanceReader reader;

  private final TeachingService teaching;

  RunningOrders(Standings standings, DanceReader reader, TeachingService teaching) {
    this.standings = standings;
    this.reader = reader;
    this.teaching = teaching;
  }

  /** A running order for a group on a day. */
  List<LineRow> plan(GroupRow group, LocalDate date, int minutes) {
    List<Standings.Known> known = standings.of(group.id(), date);
    Set<String> met = Standings.figuresMet(known);
    List<Repertoire> repertoire =
        known.stream()
            .filter(one -> one.dance().isSound())
            .map(one -> repertoire(one, met))
            .toList();
    ClassPlan plan = ClassPlanner.plan(new ClassRequest(date, minutes, group.level(), repertoire));
    return plan.lines().stream()
        .map(line ->
            new LineRow(
                0,
                line.minutes(),
                line.kind(),
                line.dance(),
                line.title(),
                line.reason(),
                Optional.empty(),
                Optional.empty()))
        .toList();
  }

  private Repertoire repertoire(Standings.Known one, Set<String> met) {
    Set<String> news = new HashSet<>();
    for (String name : one.dance().figures()) {
      if (!met.contains(name)
          && reader.book().find(name).map(figure -> !figure.isElementary()).orElse(false)) {
        news.add(name);
      }
    }
    int counts = one.dance().dance().counts();
    int shown =
        one.standing().stage() == Stage.STARTED
            ? one.dance().dance().main().sections().stream()
                .limit(one.standing().sections())
                .mapToInt(section -> section.counts())
                .sum()
            : 0;
    int song =
        one.dance().dance().headers().songs().stream()
            .flatMapToInt(stated -> stated.value().lengthSeconds().stream())
            .findFirst()
            .orElse(0);
    return new Repertoire(
        one.row().id(),
        one.dance().dance().title(),
        one.dance().level().level(),
        one.dance().sections(),
        one.standing(),
        news,
        TeachLength.fullMinutes(Math.max(1, counts - shown)),
        TeachLength.reminderMinutes(counts),
        song == 0 ? USUAL_SONG_MINUTES : (song + 59) / 60);
  }

  /** What a line will have been if it goes as planned. */
  record Expected(Happened happened, int sections, int allSections) {}

  /** What a line with a dance will have been, as the group stands on that day. */
  Optional<Expected> expected(LineRow line, GroupRow group, List<Standings.Known> known) {
    return line.dance()
        .flatMap(dance -> known.stream().filter(one -> one.row().id() == dance).findFirst())
        .filter(one -> one.dance().isSound())
        .map(one -> expected(line, group, one, Standings.figuresMet(known)));
  }

  private Expected expected(LineRow line, GroupRow group, Standings.Known one, Set<String> met) {
    int all = one.dance().sections();
    return switch (line.kind()) {
      case TEACH -> {
        Teach teach = teaching.proposed(group, one, met, line.minutes());
        yield teach.reaches() == all
            ? new Expected(Happened.TAUGHT, all, all)
            : new Expected(Happened.INTRODUCED, teach.reaches(), all);
      }
      case REMINDER -> new Expected(Happened.WALKED, all, all);
      case PRACTICE -> new Expected(Happened.DANCED_CALLED, all, all);
      case WARM_UP, FINISH, BREAK -> new Expected(Happened.DANCED, all, all);
    };
  }

  List<Standings.Known> known(long group, LocalDate date) {
    return standings.of(group, date);
  }
}
