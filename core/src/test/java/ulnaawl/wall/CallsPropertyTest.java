package ulnaawl.wall;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.longs;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.Tries;
import ulnaawl.dance.Dance;

/**
 * Everything out of the ordinary is called once, two counts ahead, facing as a plain simulation
 * faces: tags, restarts, bridges and sections danced again, of random dances.
 */
public class CallsPropertyTest {

  private static final SequenceRequest REQUEST =
      new SequenceRequest(Optional.empty(), OptionalInt.of(RandomWalls.WALLS), true);

  @Test
  public void eachExceptionIsCalledOnceAndFourCountsAhead() {
    qt().withExamples(Tries.of(50, 400))
        .forAll(longs().all())
        .checkAssert(seed -> {
          RandomWalls plan = RandomWalls.random(seed);
          Dance dance = Dances.dance(plan.text());
          PlainSimulation plain = new PlainSimulation(plan);
          plain.dance(true, RandomWalls.WALLS, 0);
          List<CallSheet.Call> calls =
              CallSheet.of(dance, REQUEST).lines().stream()
                  .flatMap(line -> line.calls().stream())
                  .toList();
          assertEquals(
              calls.stream().map(it -> it.startCount() + " " + it.facing().eighths()).toList(),
              plain.happened().stream().map(it -> it.danced() + " " + it.facing()).toList(),
              plan.text());
          for (CallSheet.Call call : calls) {
            assertEquals(
                counted(call, plain), call.startCount() + 1 - CallSheet.AHEAD, call + plan.text());
            follows(call, plain, plan);
          }
        });
  }

  /** The count since the first step on which a call is said. */
  private static int counted(CallSheet.Call call, PlainSimulation plain) {
    if (call.point().wall() == 0) {
      return call.point().count();
    }
    int before = plain.walked().get(call.point().wall() - 1).before();
    return before + call.point().count();
  }

  /** What is said of what comes next is what the simulation does next. */
  private static void follows(CallSheet.Call call, PlainSimulation plain, RandomWalls plan) {
    switch (call.then()) {
      case CallSheet.Then.FromTheTop next -> {
        if (next.wall() <= RandomWalls.WALLS) {
          PlainSimulation.Walked wall = plain.walked().get(next.wall() - 1);
          assertEquals(next.facing().eighths(), wall.facing(), call + plan.text());
        }
      }
      case CallSheet.Then.GoOn on ->
          assertTrue(
              plain.walked().get(on.wall() - 1).end() > call.startCount(), call + plan.text());
      case CallSheet.Then.StraightInto into ->
          assertTrue(
              plain.happened().stream()
                  .anyMatch(
                      it -> it.kind() == kind(into.event()) && it.danced() >= call.startCount()),
              call + plan.text());
      case CallSheet.Then.Finish _, CallSheet.Then.OfPart _ ->
          throw new AssertionError("A plain dance has neither: " + call);
    }
  }

  private static WallEvent.Kind kind(EventId event) {
    return switch (event) {
      case EventId.Tag _ -> WallEvent.Kind.TAG;
      case EventId.Restart _ -> WallEvent.Kind.RESTART;
      case EventId.Bridge _ -> WallEvent.Kind.BRIDGE;
      case EventId.Repeat _ -> WallEvent.Kind.REPEAT;
      case EventId.Ending _ -> WallEvent.Kind.ENDING;
    };
  }
}
