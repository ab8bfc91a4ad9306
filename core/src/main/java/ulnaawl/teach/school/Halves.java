package ulnaawl.teach.school;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import ulnaawl.dance.SectionSet;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Scope;

/** The first half to a clean loop, the second half the same, then whole walls. */
record Halves() implements SchoolOrder {

  private static int half(Lesson lesson) {
    return (lesson.sections().size() + 1) / 2;
  }

  @Override
  public List<Integer> stops(Lesson lesson) {
    int all = lesson.sections().size();
    return IntStream.rangeClosed(half(lesson), all).boxed().toList();
  }

  @Override
  public List<OpenDrill> news(Lesson lesson, SectionSet known, List<Integer> fresh) {
    int half = half(lesson);
    int all = lesson.sections().size();
    List<OpenDrill> slots = new ArrayList<>();
    for (SectionSet one : List.of(SectionSet.upTo(half), SectionSet.between(half + 1, all))) {
      List<Integer> own = fresh.stream().filter(one::contains).toList();
      own.forEach(section -> slots.addAll(Drills.shown(lesson, section)));
      if (!own.isEmpty()) {
        SectionSet covered = one.without(one.without(known.with(SectionSet.of(own))));
        slots.addAll(loop(lesson, covered, own.getLast()));
      }
    }
    return slots;
  }

  @Override
  public List<OpenDrill> closing(Lesson lesson) {
    List<OpenDrill> slots = new ArrayList<>();
    boolean plain = lesson.walls().walls().getFirst().events().isEmpty();
    if (plain && !lesson.dance().isPhrased()) {
      slots.add(OpenDrill.counts(new Scope.Walls(1, 1), Drills.LEARNING, 1, 3));
    }
    slots.addAll(Drills.closing(lesson));
    return slots;
  }

  /** A half, slowly and then as a clean loop. */
  private static List<OpenDrill> loop(Lesson lesson, SectionSet covered, int last) {
    List<OpenDrill> slots = new ArrayList<>();
    for (OpenDrill slow : Drills.around(lesson, covered, last, Drills.BREAKDOWN, 1, 2)) {
      slots.add(slow);
      slots.add(OpenDrill.counts(slow.scope(), Drills.JOINING, 2, 4));
    }
    return slots;
  }
}
