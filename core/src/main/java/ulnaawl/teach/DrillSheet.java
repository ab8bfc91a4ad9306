package ulnaawl.teach;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Weight;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallEvent;
import ulnaawl.wall.WallSequence;

/** Makes single drills for one dance and one group: counts, time, facing and what to say. */
final class DrillSheet {

  /** Counts danced before a tag or restart so that the body arrives at it. Common practice. */
  static final int RUN_IN = 8;

  private final Passage main;
  private final FigureBook book;
  private final TeachPace pace;
  private final Tempo rate;
  private final WallSequence walls;
  private final Set<String> met;

  DrillSheet(Dance dance, FigureBook book, TeachRequest request) {
    this.main = dance.main();
    this.book = book;
    this.pace = request.pace();
    this.rate = countRate(dance);
    this.walls = WallSequence.of(dance);
    this.met = new LinkedHashSet<>(request.knownFigures());
  }

  static Tempo countRate(Dance dance) {
    return dance.headers().songs().stream()
        .map(stated -> stated.value())
        .flatMap((Song song) -> song.countsPerMinute().stream())
        .findFirst()
        .orElse(TeachPace.USUAL_RATE);
  }

  /** Sections of the part that is danced first, in order. */
  List<Section> sections() {
    return main.sections();
  }

  Drill sectionInWords(Section section, int repetitions) {
    List<String> news = newFigures(section);
    int talk = pace.sectionTalk() + news.size() * pace.figureTalk();
    List<String> say = new ArrayList<>();
    say.add(standing(section.startWeight(), section.startFacing()));
    say.add(String.join(", ", calls(section)));
    for (String name : news) {
      book.find(name).ifPresent(figure -> say.add("New, " + name + ": " + figure.guide().say()));
    }
    met.addAll(news);
    return drill(
        new Scope.SectionScope(section.number()),
        Mode.WORDS,
        100,
        repetitions,
        section.counts(),
        talk,
        section.startFacing(),
        say);
  }

  Drill sectionInCounts(Section section, int repetitions, int percent) {
    return drill(
        new Scope.SectionScope(section.number()),
        Mode.COUNTS,
        percent,
        repetitions,
        section.counts(),
        0,
        section.startFacing(),
        List.of("Back to the start of section " + section.number() + "; count in."));
  }

  Drill fromTop(Section last, int repetitions, int percent) {
    return drill(
        new Scope.FromTop(last.number()),
        Mode.COUNTS,
        percent,
        repetitions,
        last.end(),
        pace.drillTalk(),
        Facing.FRONT,
        List.of("From the top, everybody to 12. " + standing(main.startWeight(), Facing.FRONT)));
  }

  Drill wholeWall(Mode mode, int repetitions, int percent) {
    return drill(
        new Scope.WholeWall(),
        mode,
        percent,
        repetitions,
        main.counts(),
        pace.drillTalk(),
        Facing.FRONT,
        List.of(
            "One wall from 12; it ends facing " + Facing.FRONT.plus(main.turn()).clock() + "."));
  }

  Drill link(int repetitions, int percent) {
    Section last = main.sections().getLast();
    Section first = main.sections().getFirst();
    Facing end = last.endFacing();
    return drill(
        new Scope.Link(last.number()),
        Mode.COUNTS,
        percent,
        repetitions,
        last.counts() + first.counts(),
        pace.drillTalk(),
        last.startFacing(),
        List.of(
            "Section " + last.number() + ", and straight on from " + end.clock() + ".",
            standing(main.startWeight(), end)));
  }

  Drill wallRun(int from, int to, Mode mode, int percent) {
    int counts = main.counts() * (to - from + 1);
    Facing start = Facing.FRONT;
    for (int wall = 1; wall < from; wall++) {
      start = start.plus(main.turn());
    }
    return drill(
        new Scope.WallRun(from, to),
        mode,
        percent,
        1,
        counts,
        pace.drillTalk(),
        start,
        List.of(
            "No stopping between the walls. Wall " + from + " begins at " + start.clock() + "."));
  }

  /** One drill for each different tag, restart, bridge or ending, from its own wall. */
  List<Drill> exceptions(int repetitions, int percent) {
    List<Drill> drills = new ArrayList<>();
    Set<String> shown = new LinkedHashSet<>();
    for (Wall wall : walls.walls()) {
      for (WallEvent event : wall.events()) {
        if (shown.add(event.label())) {
          drills.add(exception(wall, event, repetitions, percent));
        }
      }
    }
    return drills;
  }

  private Drill exception(Wall wall, WallEvent event, int repetitions, int percent) {
    boolean restart = event.kind() == WallEvent.Kind.RESTART;
    int counts = RUN_IN + event.counts() + RUN_IN;
    int before = event.kind() == WallEvent.Kind.TAG ? main.counts() : event.after();
    Facing start = wall.startFacing().plus(main.turnAfter(Math.max(0, before - RUN_IN)));
    List<String> say = new ArrayList<>();
    say.add(
        "Wall "
            + wall.number()
            + " starts at "
            + wall.startFacing().clock()
            + "; take it from 8 counts before.");
    say.add(
        restart
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
    return drill(
        new Scope.SpecialWall(event.label(), wall.number()),
        Mode.COUNTS,
        percent,
        repetitions,
        counts,
        pace.drillTalk() * 2,
        start,
        say);
  }

  Drill again(Drill drill, int repetitions) {
    return new Drill(
        drill.scope(),
        drill.mode(),
        drill.percent(),
        repetitions,
        drill.counts(),
        drill.talkSeconds(),
        pace.seconds(
            drill.mode(), drill.counts(), repetitions, drill.percent(), rate, drill.talkSeconds()),
        drill.startFacing(),
        drill.say());
  }

  private Drill drill(
      Scope scope,
      Mode mode,
      int percent,
      int repetitions,
      int counts,
      int talk,
      Facing start,
      List<String> say) {
    return new Drill(
        scope,
        mode,
        percent,
        repetitions,
        counts,
        talk,
        pace.seconds(mode, counts, repetitions, percent, rate, talk),
        start,
        say);
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

  private static List<String> calls(Section section) {
    List<String> calls = new ArrayList<>();
    int run = -1;
    for (Place place : section.places()) {
      if (place.run() != run) {
        calls.add(place.call());
      }
      run = place.run();
    }
    return calls;
  }

  private List<String> newFigures(Section section) {
    return section.places().stream()
        .map(Place::figure)
        .distinct()
        .filter(name -> !met.contains(name))
        .filter(name -> book.find(name).map(figure -> !figure.isElementary()).orElse(false))
        .toList();
  }
}
