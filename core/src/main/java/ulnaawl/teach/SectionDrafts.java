package ulnaawl.teach;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
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
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Load;
import ulnaawl.teach.lesson.LoadReason;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Say;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.lesson.TeachPace;

/**
 * Drills of sections and of what lies between two of them. It remembers what the drills before have
 * shown, so that a figure is explained once. A teach is given from wall 1: the class begins it at
 * the front of the hall.
 */
final class SectionDrafts {

  private final Lesson lesson;
  private final TeachPace pace;
  private final Set<String> met;
  private final Set<Integer> shown = new HashSet<>();

  SectionDrafts(Lesson lesson) {
    this.lesson = lesson;
    this.pace = lesson.learner().pace();
    this.met = new HashSet<>(lesson.learner().figures());
  }

  Draft section(Mode mode, Scope.OneSection scope) {
    Section section = lesson.section(scope.section());
    List<Say> say = new ArrayList<>();
    Facing start = seenFrom(section);
    say.add(new Say.Standing(section.startWeight(), start));
    if (!start.equals(inRoom(section.startFacing())) && !shown.contains(section.number())) {
      say.add(new Say.ShownHere(inRoom(section.startFacing())));
    }
    int talk = 0;
    if (mode == Mode.WORDS || !shown.contains(section.number())) {
      List<Figure> news = Load.news(section, lesson.book(), met);
      talk = pace.sectionTalk() + news.size() * pace.figureTalk();
      say.add(Say.Figures.of(section.places()));
      mirrored(section).ifPresent(say::add);
      news.forEach(figure -> say.add(Say.NewFigure.of(figure)));
      watchOut(section).ifPresent(say::add);
      easier(section).ifPresent(say::add);
      cares(section).forEach(say::add);
      news.forEach(figure -> met.add(figure.name()));
    } else {
      say.add(new Say.BackTo(section.number()));
      mirrored(section).ifPresent(say::add);
      watchOut(section).ifPresent(say::add);
    }
    shown.add(section.number());
    return new Draft(section.counts(), talk, start, start.plus(turn(section)), say);
  }

  private static Turn turn(Section section) {
    return Place.turnOf(section.places());
  }

  private Optional<Say> mirrored(Section section) {
    return lesson.load(section).parts().stream()
        .flatMap(part ->
            part.reason() instanceof LoadReason.Echoes it && it.mirrored()
                ? Stream.of(it)
                : Stream.empty())
        .findFirst()
        .map(it -> new Say.Mirrors(it.section()));
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

  Draft run(Mode mode, Scope.Run scope) {
    Section first = lesson.section(scope.from());
    Section last = lesson.section(scope.to());
    Passage part = lesson.part(scope.from());
    List<Say> say = new ArrayList<>();
    Facing start = inRoom(first.startFacing());
    say.add(from(part, first, start));
    say.add(new Say.Standing(first.startWeight(), start));
    if (mode == Mode.WORDS) {
      say.add(Say.Figures.of(part.between(first.start(), last.end())));
    }
    Facing end = inRoom(last.endFacing());
    say.add(new Say.EndsFacing(end));
    return new Draft(last.end() - first.start(), pace.drillTalk(), start, end, say);
  }

  private Say from(Passage part, Section first, Facing start) {
    if (first.start() > 0) {
      return new Say.FromSection(first.number(), start);
    }
    return lesson.dance().isPhrased()
        ? new Say.FromPart(part.name(), start)
        : new Say.FromTheTop(start);
  }

  Draft join(Mode mode, Scope.Join scope) {
    Section one = lesson.section(scope.from());
    Section two = lesson.section(scope.to());
    int before = Math.min(Scope.JOIN, one.counts());
    int after = Math.min(Scope.JOIN, two.counts());
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
    Facing end = Facing.FRONT.plus(part.turnAfter(two.start() + after));
    return new Draft(before + after, pace.talk(mode), start, end, say);
  }

  Draft option(Scope.Option scope) {
    Section section = lesson.section(scope.section());
    Variation option = lesson.option(scope);
    List<Say> say =
        List.of(new Say.ForWhoLikes(option.from(), option.to()), Say.Figures.of(option.places()));
    Facing start = inRoom(section.startFacing());
    return new Draft(section.counts(), pace.drillTalk(), start, start.plus(turn(section)), say);
  }

  private static Facing inRoom(RelativeFacing facing) {
    return facing.in(Facing.FRONT);
  }
}
