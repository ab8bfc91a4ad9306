package ulnaawl.teach;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.dance.Variation;
import ulnaawl.figure.Figure;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.wall.Moment;
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
      case Scope.Special it -> special(slot, it, repetitions);
      case Scope.Option it -> option(slot, it, repetitions);
    };
  }

  private Drill section(Slot slot, Scope.OneSection scope, int repetitions) {
    Section section = lesson.section(scope.section());
    List<String> say = new ArrayList<>();
    Facing start = seenFrom(section);
    say.add(standing(section.startWeight(), start));
    if (!start.equals(section.startFacing()) && !shown.contains(section.number())) {
      say.add(
          "Turn the class to "
              + start.clock()
              + " for this, so that they see you; danced it starts at "
              + section.startFacing().clock()
              + ".");
    }
    TeachPace pace = lesson.learner().pace();
    int talk = 0;
    if (slot.mode() == Mode.WORDS || !shown.contains(section.number())) {
      List<Figure> news = Load.news(section, lesson.book(), met);
      talk = pace.sectionTalk() + news.size() * pace.figureTalk();
      say.add(String.join(", ", calls(section.places())));
      news.forEach(figure -> say.add("New, " + figure.call() + ": " + figure.guide().say()));
      watchOut(section).ifPresent(say::add);
      easier(section).ifPresent(say::add);
      cares(section).forEach(say::add);
      news.forEach(figure -> met.add(figure.name()));
    } else {
      say.add("Back to the start of section " + section.number() + "; count in.");
      watchOut(section).ifPresent(say::add);
    }
    shown.add(section.number());
    return drill(slot, repetitions, section.counts(), talk, start, say);
  }

  private Optional<String> watchOut(Section section) {
    return Optional.ofNullable(lesson.learner().watchOuts().get(section.number()))
        .map(note -> "Watch out: " + (note.isBlank() ? "slow here." : note));
  }

  private Optional<String> easier(Section section) {
    return lesson.dance().variations().stream()
        .filter(it -> it.section() == section.number())
        .findFirst()
        .map(it ->
            it.name()
                + ", counts "
                + it.from()
                + "-"
                + it.to()
                + ": "
                + String.join(", ", calls(it.places())));
  }

  private List<String> cares(Section section) {
    return section.places().stream()
        .map(Place::figure)
        .distinct()
        .flatMap(name -> lesson.book().find(name).stream())
        .flatMap(figure -> figure.guide().care().stream())
        .distinct()
        .map(care -> "Take care: " + care)
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
      return section.startFacing();
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
    List<String> say = new ArrayList<>();
    String from =
        top ? "From the top, everybody to " : "From section " + scope.from() + ", facing ";
    say.add(
        from
            + first.startFacing().clock()
            + ". "
            + standing(first.startWeight(), first.startFacing()));
    if (slot.mode() == Mode.WORDS) {
      List<Place> places = lesson.part(scope.from()).between(first.start(), last.end());
      say.add(String.join(", ", calls(places)));
    }
    say.add("It ends facing " + last.endFacing().clock() + ".");
    int talk = lesson.learner().pace().drillTalk();
    return drill(slot, repetitions, last.end() - first.start(), talk, first.startFacing(), say);
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
    List<String> say =
        List.of(
            standing(weight, start),
            String.join(", ", calls(run))
                + ", then "
                + String.join(", ", calls(part.between(two.start(), two.start() + after)))
                + ".");
    int talk = lesson.learner().pace().drillTalk();
    return drill(slot, repetitions, before + after, talk, start, say);
  }

  private Drill link(Slot slot, Scope.Link scope, int repetitions) {
    Section last = lesson.section(scope.last());
    Section first = lesson.section(scope.first());
    Passage part = lesson.part(scope.last());
    int before = Math.min(RUN_IN, last.counts());
    Facing start = Facing.FRONT.plus(part.turnAfter(last.end() - before));
    List<String> say =
        List.of(
            "The end, and straight on from " + last.endFacing().clock() + ".",
            standing(first.startWeight(), last.endFacing()));
    int talk = lesson.learner().pace().drillTalk();
    return drill(slot, repetitions, before + Math.min(RUN_IN, first.counts()), talk, start, say);
  }

  private Drill walls(Slot slot, Scope.Walls scope, int repetitions) {
    List<Wall> own = lesson.walls().walls().subList(scope.from() - 1, scope.to());
    int counts = own.stream().mapToInt(wall -> wall.counts() + wall.tagCounts()).sum();
    List<String> say = new ArrayList<>();
    Facing start = own.getFirst().startFacing();
    say.add(
        own.size() == 1
            ? "Wall " + scope.from() + " from " + start.clock() + "."
            : "No stopping between the walls; wall "
                + scope.from()
                + " begins at "
                + start.clock()
                + ".");
    for (Wall wall : own) {
      for (WallEvent event : wall.events()) {
        say.add("Wall " + wall.number() + ": " + event.label() + ". I will call it.");
      }
    }
    say.add("It ends facing " + endOf(own.getLast()).clock() + ".");
    return drill(slot, repetitions, counts, lesson.learner().pace().drillTalk(), start, say);
  }

  private static Facing endOf(Wall wall) {
    Turn turn = wall.stretches().stream().map(it -> it.turn()).reduce(Turn.NONE, Turn::plus);
    return wall.startFacing().plus(turn);
  }

  private Drill special(Slot slot, Scope.Special scope, int repetitions) {
    Wall wall = lesson.walls().walls().get(scope.wall() - 1);
    WallEvent event =
        wall.events().stream()
            .filter(it -> it.label().equals(scope.name()))
            .findFirst()
            .orElseThrow();
    int begins = event.startCount() - wall.startCount();
    int runIn = Math.min(RUN_IN, begins);
    Facing start = wall.startFacing();
    for (Moment moment : Moment.of(wall)) {
      if (moment.wallCount() <= begins - runIn) {
        start = moment.facing();
      }
    }
    List<String> say = new ArrayList<>();
    say.add(
        "Wall "
            + wall.number()
            + " starts at "
            + wall.startFacing().clock()
            + "; take it from "
            + runIn
            + " counts before, facing "
            + start.clock()
            + ".");
    say.add(
        event.kind() == WallEvent.Kind.RESTART
            ? "After count "
                + event.after()
                + " begin again, facing "
                + event.to().clock()
                + ". I will call it."
            : "Then "
                + event.label()
                + ", from "
                + event.from().clock()
                + " to "
                + event.to().clock()
                + ". I will call it.");
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
    List<String> say =
        List.of(
            "For whoever likes it better: counts " + option.from() + "-" + option.to() + ".",
            String.join(", ", calls(option.places())) + ".");
    int talk = lesson.learner().pace().drillTalk();
    return drill(slot, repetitions, section.counts(), talk, section.startFacing(), say);
  }

  private Drill drill(
      Slot slot, int repetitions, int counts, int talk, Facing start, List<String> say) {
    int seconds =
        lesson
            .learner()
            .pace()
            .seconds(slot.mode(), counts, repetitions, slot.percent(), lesson.rate(), talk);
    return new Drill(
        slot.scope(), slot.mode(), slot.percent(), repetitions, counts, talk, seconds, start, say);
  }

  private static String standing(Weight weight, Facing facing) {
    String foot =
        switch (weight) {
          case LEFT -> "Weight on the left, right foot free";
          case RIGHT -> "Weight on the right, left foot free";
          case BOTH -> "Weight on both feet";
        };
    return foot + ", facing " + facing.clock() + ".";
  }

  /** What is called, a figure at a time. */
  static List<String> calls(List<Place> places) {
    List<String> calls = new ArrayList<>();
    int run = -1;
    for (Place place : places) {
      if (place.run() != run) {
        calls.add(place.call());
      }
      run = place.run();
    }
    return calls;
  }
}
