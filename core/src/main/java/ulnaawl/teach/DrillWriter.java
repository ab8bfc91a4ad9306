package ulnaawl.teach;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ulnaawl.dance.DancedFigure;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.dance.Variation;
import ulnaawl.figure.Figure;
import ulnaawl.floor.Facing;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Load;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Say;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.teach.school.Slot;
import ulnaawl.wall.DancedPlace;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallEvent;

/**
 * Makes drills one after another: counts, time, where the class faces and what to say. It remembers
 * what the drills before have shown, so that a figure is explained once.
 */
final class DrillWriter {

  /** Counts danced before a tag or restart so that the body arrives at it. Common practice. */
  static final int RUN_IN = 8;

  /** Counts on each side of a join. */
  static final int JOIN = 4;

  private final Lesson lesson;
  private final Set<String> met;
  private final Set<Integer> shown = new HashSet<>();

  DrillWriter(Lesson lesson) {
    this.lesson = lesson;
    this.met = new HashSet<>(lesson.learner().figures());
  }

  Drill write(Slot slot, int repetitions) {
    return switch (slot.scope()) {
      case Scope.OneSection it -> section(slot, it, repetitions);
      case Scope.Run it -> run(slot, it, repetitions);
      case Scope.Join it -> join(slot, it, repetitions);
      case Scope.Link it -> link(slot, it, repetitions);
      case Scope.Walls it -> walls(slot, it, repetitions);
      case Scope.Event it -> special(slot, it, repetitions);
      case Scope.Option it -> option(slot, it, repetitions);
    };
  }

  private Drill section(Slot slot, Scope.OneSection scope, int repetitions) {
    Section section = lesson.section(scope.section());
    List<Say> say = new ArrayList<>();
    Facing start = seenFrom(section);
    say.add(new Say.Standing(section.startWeight(), start));
    if (!start.equals(inRoom(section.startFacing())) && !shown.contains(section.number())) {
      say.add(new Say.TurnTheClass(start, inRoom(section.startFacing())));
    }
    TeachPace pace = lesson.learner().pace();
    int talk = 0;
    if (slot.mode() == Mode.WORDS || !shown.contains(section.number())) {
      List<Figure> news = Load.news(section, lesson.book(), met);
      talk = pace.sectionTalk() + news.size() * pace.figureTalk();
      say.add(Say.Figures.of(section.places()));
      news.forEach(figure -> say.add(Say.NewFigure.of(figure)));
      watchOut(section).ifPresent(say::add);
      easier(section).ifPresent(say::add);
      cares(section).forEach(say::add);
      news.forEach(figure -> met.add(figure.name()));
    } else {
      say.add(new Say.BackTo(section.number()));
      watchOut(section).ifPresent(say::add);
    }
    shown.add(section.number());
    return drill(slot, repetitions, section.counts(), talk, start, say);
  }

  private Optional<Say> watchOut(Section section) {
    return Optional.ofNullable(lesson.learner().watchOuts().get(section.number()))
        .map(Say.WatchOut::new);
  }

  private Optional<Say> easier(Section section) {
    return lesson.dance().variations().stream()
        .filter(it -> it.section() == section.number())
        .findFirst()
        .map(it ->
            new Say.AnotherWay(it.name(), it.from(), it.to(), DancedFigure.calls(it.places())));
  }

  private List<Say> cares(Section section) {
    return section.figures().stream()
        .flatMap(name -> lesson.book().find(name).stream())
        .flatMap(figure -> figure.guide().care().stream())
        .distinct()
        .<Say>map(Say.TakeCare::new)
        .toList();
  }

  /**
   * Where the class faces while a section is shown by a teacher in front. Most of it must not be
   * danced looking over a shoulder; else the class is turned (common practice).
   */
  private static Facing seenFrom(Section section) {
    Map<Integer, Integer> places = new HashMap<>();
    int away = 0;
    for (Place place : section.places()) {
      int eighths = place.facing().eighths();
      places.merge(eighths, 1, Integer::sum);
      away += eighths >= 3 && eighths <= 5 ? 1 : 0;
    }
    if (2 * away <= section.places().size()) {
      return inRoom(section.startFacing());
    }
    int usual =
        places.entrySet().stream()
            .max(
                Map.Entry.<Integer, Integer>comparingByValue()
                    .thenComparing(Map.Entry.comparingByKey()))
            .map(Map.Entry::getKey)
            .orElse(0);
    return new Facing(Math.floorMod(section.startFacing().eighths() - usual, 8));
  }

  private Drill run(Slot slot, Scope.Run scope, int repetitions) {
    Section first = lesson.section(scope.from());
    Section last = lesson.section(scope.to());
    boolean top = first.start() == 0;
    List<Say> say = new ArrayList<>();
    Facing start = inRoom(first.startFacing());
    say.add(top ? new Say.FromTheTop(start) : new Say.FromSection(scope.from(), start));
    say.add(new Say.Standing(first.startWeight(), start));
    if (slot.mode() == Mode.WORDS) {
      List<Place> places = lesson.part(scope.from()).between(first.start(), last.end());
      say.add(Say.Figures.of(places));
    }
    say.add(new Say.EndsFacing(inRoom(last.endFacing())));
    int talk = lesson.learner().pace().drillTalk();
    return drill(slot, repetitions, last.end() - first.start(), talk, start, say);
  }

  private Drill join(Slot slot, Scope.Join scope, int repetitions) {
    Section one = lesson.section(scope.from());
    Section two = lesson.section(scope.to());
    int before = Math.min(JOIN, one.counts());
    int after = Math.min(JOIN, two.counts());
    Passage part = lesson.part(scope.from());
    List<Place> run = part.between(one.end() - before, one.end());
    Weight weight = part.weightAfter(one.end() - before);
    Facing start = Facing.FRONT.plus(part.turnAfter(one.end() - before));
    List<Say> say =
        List.of(
            new Say.Standing(weight, start),
            new Say.ThenStraightOn(
                DancedFigure.calls(run),
                DancedFigure.calls(part.between(two.start(), two.start() + after))));
    int talk = lesson.learner().pace().drillTalk();
    return drill(slot, repetitions, before + after, talk, start, say);
  }

  private Drill link(Slot slot, Scope.Link scope, int repetitions) {
    Section last = lesson.section(scope.last());
    Section first = lesson.section(scope.first());
    Passage part = lesson.part(scope.last());
    int before = Math.min(RUN_IN, last.counts());
    Facing start = Facing.FRONT.plus(part.turnAfter(last.end() - before));
    List<Say> say =
        List.of(
            new Say.EndAndOn(inRoom(last.endFacing())),
            new Say.Standing(first.startWeight(), inRoom(last.endFacing())));
    int talk = lesson.learner().pace().drillTalk();
    return drill(slot, repetitions, before + Math.min(RUN_IN, first.counts()), talk, start, say);
  }

  private Drill walls(Slot slot, Scope.Walls scope, int repetitions) {
    List<Wall> own = lesson.walls().walls().subList(scope.from() - 1, scope.to());
    int counts = own.stream().mapToInt(wall -> wall.counts() + wall.tagCounts()).sum();
    List<Say> say = new ArrayList<>();
    Facing start = own.getFirst().startFacing();
    say.add(new Say.Walls(scope.from(), scope.to(), start));
    for (Wall wall : own) {
      for (WallEvent event : wall.events()) {
        say.add(new Say.ComesOn(wall.number(), event.id()));
      }
    }
    say.add(new Say.EndsFacing(endOf(own.getLast())));
    return drill(slot, repetitions, counts, lesson.learner().pace().drillTalk(), start, say);
  }

  private static Facing endOf(Wall wall) {
    Turn turn = wall.stretches().stream().map(it -> it.turn()).reduce(Turn.NONE, Turn::plus);
    return wall.startFacing().plus(turn);
  }

  private Drill special(Slot slot, Scope.Event scope, int repetitions) {
    Wall wall = lesson.walls().walls().get(scope.wall() - 1);
    WallEvent event =
        wall.events().stream()
            .filter(it -> it.id().equals(scope.event()))
            .findFirst()
            .orElseThrow();
    int begins = event.startCount() - wall.startCount();
    int runIn = Math.min(RUN_IN, begins);
    Facing start = wall.startFacing();
    for (DancedPlace moment : DancedPlace.of(wall)) {
      if (moment.wallCount() <= begins - runIn) {
        start = moment.facing();
      }
    }
    List<Say> say =
        List.of(
            new Say.RunIn(wall.number(), wall.startFacing(), runIn, start),
            new Say.Event(event.id(), event.from(), event.to()));
    int on = event.kind() == WallEvent.Kind.ENDING ? 0 : RUN_IN;
    int talk = 2 * lesson.learner().pace().drillTalk();
    return drill(slot, repetitions, runIn + event.counts() + on, talk, start, say);
  }

  private Drill option(Slot slot, Scope.Option scope, int repetitions) {
    Section section = lesson.section(scope.section());
    Variation option =
        lesson.dance().variations().stream()
            .filter(it -> it.name().equals(scope.name()) && it.section() == scope.section())
            .findFirst()
            .orElseThrow();
    List<Say> say =
        List.of(new Say.ForWhoLikes(option.from(), option.to()), Say.Figures.of(option.places()));
    int talk = lesson.learner().pace().drillTalk();
    return drill(slot, repetitions, section.counts(), talk, inRoom(section.startFacing()), say);
  }

  private Drill drill(
      Slot slot, int repetitions, int counts, int talk, Facing start, List<Say> say) {
    int seconds =
        lesson
            .learner()
            .pace()
            .seconds(slot.mode(), counts, repetitions, slot.percent(), lesson.rate(), talk);
    return new Drill(
        slot.scope(), slot.mode(), slot.percent(), repetitions, counts, talk, seconds, start, say);
  }

  /** A teach is given from wall 1: the class begins it at the front of the hall. */
  private static Facing inRoom(RelativeFacing facing) {
    return facing.in(Facing.FRONT);
  }
}
