package ulnaawl.server.teaching;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.learning.Stage;
import ulnaawl.music.Tempo;
import ulnaawl.notation.Stated;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.groups.Standings;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;
import ulnaawl.server.teaching.RunThrough.RunThroughView;
import ulnaawl.teach.AddOnTeach;
import ulnaawl.teach.Drill;
import ulnaawl.teach.Recap;
import ulnaawl.teach.TeachPace;
import ulnaawl.teach.TeachPlan;
import ulnaawl.teach.TeachRequest;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.WallSequence;

/** The teach of a dance for a group, and its run-through. */
@RestController
@RequestMapping("/api/dances/{id}")
class TeachingController {

  private final DanceService dances;
  private final DanceReader reader;
  private final GroupService groups;
  private final Standings standings;
  private final Today today;

  TeachingController(
      DanceService dances,
      DanceReader reader,
      GroupService groups,
      Standings standings,
      Today today) {
    this.dances = dances;
    this.reader = reader;
    this.groups = groups;
    this.standings = standings;
    this.today = today;
  }

  /** A drill; the facing is on the room clock, in eighths right of 12. */
  record DrillView(
      String scope,
      String mode,
      int percent,
      int repetitions,
      int counts,
      int startSecond,
      int seconds,
      int startFacing,
      List<String> say) {}

  /** How often a section is danced in a teach. */
  record SectionTurns(int section, int turns) {}

  /** A laid-out teach. */
  record TeachView(
      long dance,
      String title,
      long group,
      String groupName,
      String school,
      int minutes,
      int seconds,
      int reaches,
      int sections,
      @Nullable String rest,
      List<DrillView> drills,
      List<SectionTurns> turns,
      List<String> reasons) {}

  /** Which layout is asked for. */
  enum Kind {
    TEACH,
    REMINDER,
    RECAP
  }

  @GetMapping("/teach")
  TeachView teach(
      @PathVariable long id,
      @RequestParam long group,
      @RequestParam int minutes,
      @RequestParam(defaultValue = "TEACH") Kind kind) {
    if (minutes < 1 || minutes > TeachRequest.MOST_MINUTES) {
      throw Problem.rejected(
          "A teach lasts 1 to " + TeachRequest.MOST_MINUTES + " minutes, not " + minutes + ".");
    }
    ReadDance read = dances.danceable(id);
    GroupRow row = groups.get(group);
    List<Standings.Known> known = standings.of(group, today.date());
    TeachPlan plan =
        switch (kind) {
          case TEACH -> AddOnTeach.plan(read.dance(), reader.book(), request(id, minutes, known));
          case REMINDER -> Recap.reminder(read.dance(), reader.book(), TeachPace.LIVE);
          case RECAP -> Recap.quick(read.dance(), reader.book(), TeachPace.LIVE);
        };
    return view(id, read, row, minutes, plan);
  }

  @GetMapping("/run-through")
  RunThroughView runThrough(
      @PathVariable long id,
      @RequestParam Optional<Long> group,
      @RequestParam Optional<Integer> walls) {
    ReadDance read = dances.danceable(id);
    SequenceRequest request = SequenceRequest.of(read.dance());
    if (walls.isPresent()) {
      if (walls.get() < 1 || walls.get() > SequenceRequest.MOST_WALLS) {
        throw Problem.rejected("A run-through has 1 to 99 walls.");
      }
      request = new SequenceRequest(request.song(), OptionalInt.of(walls.get()), false);
    }
    Optional<Tempo> rate =
        read.dance().headers().songs().stream()
            .map(Stated::value)
            .flatMap(song -> song.countsPerMinute().stream())
            .findFirst();
    boolean known =
        group.isPresent()
            && standings.of(group.get(), today.date()).stream()
                .filter(one -> one.row().id() == id)
                .anyMatch(one -> one.standing().stage() == Stage.KNOWN);
    return RunThrough.of(
        id,
        read.dance(),
        WallSequence.of(read.dance(), request),
        rate.isPresent(),
        rate.orElse(TeachPace.USUAL_RATE),
        known);
  }

  private static TeachRequest request(long id, int minutes, List<Standings.Known> known) {
    Set<String> met = Standings.figuresMet(known);
    int shown =
        known.stream()
            .filter(one -> one.row().id() == id)
            .filter(one -> one.standing().stage() == Stage.STARTED)
            .map(one -> one.standing().sections())
            .findFirst()
            .orElse(0);
    return new TeachRequest(minutes, shown, met, TeachPace.LIVE);
  }

  private static TeachView view(
      long id, ReadDance read, GroupRow group, int minutes, TeachPlan plan) {
    List<DrillView> drills = new java.util.ArrayList<>();
    int start = 0;
    for (Drill drill : plan.drills()) {
      drills.add(
          new DrillView(
              drill.scope().label(),
              drill.mode().label(),
              drill.percent(),
              drill.repetitions(),
              drill.counts(),
              start,
              drill.seconds(),
              drill.startFacing().eighths(),
              drill.say()));
      start += drill.seconds();
    }
    List<SectionTurns> turns = new java.util.ArrayList<>();
    for (int i = 0; i < plan.turns().size(); i++) {
      turns.add(new SectionTurns(i + 1, plan.turns().get(i)));
    }
    return new TeachView(
        id,
        read.dance().title(),
        group.id(),
        group.name(),
        plan.school(),
        minutes,
        plan.seconds(),
        plan.reaches(),
        plan.sections(),
        plan.rest().orElse(null),
        drills,
        turns,
        plan.reasons());
  }
}
