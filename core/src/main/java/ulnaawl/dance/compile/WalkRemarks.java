package ulnaawl.dance.compile;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Side;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.notation.Item;
import ulnaawl.notation.Stated;
import ulnaawl.notation.StepLine;
import ulnaawl.notation.TypedTurn;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Mend;
import ulnaawl.text.SourceSpan;

/** What is said of a step line that cannot be danced as written. */
final class WalkRemarks {

  private WalkRemarks() {}

  static Diagnostic both(Item item, String action) {
    return Diagnostic.of(
        Code.BOTH,
        item.span(),
        "'both' says that the last step leaves the weight on both feet, but a "
            + action
            + " takes no weight.");
  }

  static Diagnostic wholeTurn(Item item, Turn turn) {
    return Diagnostic.of(
        Code.TURN_WHOLE,
        item.turn().orElseThrow().span(),
        turn.label()
            + " is the turn of all "
            + item.feet().size()
            + " steps together, a part of it on each.");
  }

  static Diagnostic unusualFoot(Item item, Foot lead, Side side) {
    return Diagnostic.of(
        Code.TURN_FOOT,
        item.span(),
        "A "
            + item.figure().name()
            + " to the "
            + side.word()
            + " usually begins on the "
            + lead.other().word()
            + " foot; here the "
            + lead.word()
            + " one is free.");
  }

  static Diagnostic ends(Item item, Weight said, Weight is) {
    return Diagnostic.of(
        Code.ENDS,
        item.span(),
        "It says that the weight ends on "
            + said.label()
            + ", but after "
            + item.figure().name()
            + " it is on "
            + is.label()
            + ".");
  }

  static Diagnostic hop(Stated<Foot> typed, Weight weight, String since) {
    return Diagnostic.of(
        Code.HOP,
        typed.span(),
        "A hop is danced on the foot that carries the weight, which is "
            + weight.label()
            + " since "
            + since
            + ".");
  }

  static Diagnostic whichFoot(Item item, String since) {
    return Diagnostic.of(
        Code.WHICH_FOOT,
        item.span(),
        "Both feet share the weight since "
            + since
            + ", so either is free: say R or L for "
            + item.figure().name()
            + ".");
  }

  static Diagnostic notFree(Item item, Stated<Foot> typed, String since) {
    Foot foot = typed.value();
    return Diagnostic.of(
        Code.FOOT_NOT_FREE,
        typed.span(),
        "The "
            + foot.word()
            + " foot is not free for "
            + item.figure().name()
            + ": it carries the weight since "
            + since
            + ". The "
            + foot.other().word()
            + " foot is free.",
        new Mend("Start with " + foot.other().letter(), typed.span(), foot.other().letter()));
  }

  static Diagnostic travel(Item item, Foot foot) {
    Stated<Side> travel = item.travel().orElseThrow();
    return Diagnostic.of(
        Code.TRAVEL,
        travel.span(),
        "A "
            + item.figure().name()
            + " that begins with the "
            + foot.word()
            + " foot does not travel to "
            + travel.value().letter()
            + ".");
  }

  static Diagnostic turnSide(Stated<TypedTurn> turn) {
    int end = turn.span().end();
    return Diagnostic.of(
        Code.TURN_SIDE,
        turn.span(),
        "Say to which side it turns, R or L.",
        new Mend("Turn R", new SourceSpan(end, end), " R"),
        new Mend("Turn L", new SourceSpan(end, end), " L"));
  }

  static Diagnostic places(StepLine line, int steps) {
    int places = line.counts().size();
    String counts =
        places == 0
            ? "these counts"
            : line.counts().getFirst().label()
                + (places > 1 ? " to " + line.counts().getLast().label() : "");
    StringBuilder message =
        new StringBuilder("Counts " + counts)
            .append(" are ")
            .append(amount(places, "place"))
            .append(", but the figures have ")
            .append(amount(steps, "step"))
            .append(steps > places ? ": " : "; ")
            .append(
                steps > places
                    ? amount(steps - places, "step") + " too many."
                    : amount(places - steps, "place") + " left over.");
    List<Mend> mends = new ArrayList<>();
    RhythmOffer.likely(line, steps)
        .ifPresent(rhythm -> {
          message.append(" Likely: ").append(rhythm).append('.');
          mends.add(new Mend("Count it " + rhythm, line.countsSpan(), rhythm));
        });
    if (steps < places) {
      int left = places - steps;
      int end = line.span().end();
      mends.add(
          new Mend(
              left == 1 ? "Add a hold" : "Add holds",
              new SourceSpan(end, end),
              left == 1 ? ", hold" : ", hold x" + left));
    }
    return Diagnostic.of(Code.PLACES, line.countsSpan(), message.toString()).withMends(mends);
  }

  private static String amount(int number, String what) {
    return number + " " + what + (number == 1 ? "" : "s");
  }
}
