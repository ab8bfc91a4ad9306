package ulnaawl.words;

import ulnaawl.floor.Weight;
import ulnaawl.teach.lesson.Say;
import ulnaawl.wall.EventId;

/** What the instructor says before or in a drill, in English. */
final class EnglishSay {

  private static final String CALLED = ". I will call it.";

  private EnglishSay() {}

  static String of(Say say) {
    return switch (say) {
      case Say.Standing it -> weight(it.weight()) + ", facing " + it.facing().clock() + ".";
      case Say.TurnTheClass it -> "Turn the class to " + it.to().clock() + ".";
      case Say.ShownHere it ->
          "Shown here, so that they see you; danced it starts at " + it.danced().clock() + ".";
      case Say.Mirrors it ->
          "The same as section "
              + it.section()
              + " on the other foot: that is where people trip, so once more slowly.";
      case Say.Figures it -> String.join(", ", it.calls());
      case Say.NewFigure it -> "New, " + it.figure() + ": " + it.explanation();
      case Say.WatchOut it -> "Watch out: " + (it.note().isBlank() ? "slow here." : it.note());
      case Say.AnotherWay it ->
          it.option()
              + ", "
              + Plain.counts(it.from(), it.to())
              + ": "
              + String.join(", ", it.calls());
      case Say.TakeCare it -> "Take care: " + it.caution();
      case Say.BackTo it -> "Back to the start of section " + it.section() + "; count in.";
      case Say.FromTheTop it -> "From the top, everybody to " + it.facing().clock() + ".";
      case Say.FromSection it ->
          "From section " + it.section() + ", facing " + it.facing().clock() + ".";
      case Say.EndsFacing it -> "It ends facing " + it.facing().clock() + ".";
      case Say.ThenStraightOn it ->
          String.join(", ", it.before()) + ", then " + String.join(", ", it.after()) + ".";
      case Say.FromPart it ->
          "From the start of part " + it.part() + ", everybody to " + it.facing().clock() + ".";
      case Say.Order it -> "The order: " + String.join(", ", it.parts()) + ".";
      case Say.EndAndOn it ->
          "Section "
              + it.last()
              + " from "
              + it.from().clock()
              + ", then on into section "
              + it.first()
              + " at "
              + it.on().clock()
              + ".";
      case Say.WholeSong it ->
          "The whole song, " + Plain.many(it.walls(), "wall") + ", without stopping.";
      case Say.ItsSteps it ->
          (it.changed() ? "Changed: " : "Its steps: ") + String.join(", ", it.calls()) + ".";
      case Say.ThenOn it -> "Then on: " + String.join(", ", it.calls()) + ".";
      case Say.Walls it ->
          it.from() == it.to()
              ? "Wall " + it.from() + " from " + it.facing().clock() + "."
              : "No stopping between the walls; wall "
                  + it.from()
                  + " begins at "
                  + it.facing().clock()
                  + ".";
      case Say.ComesOn it -> "Wall " + it.wall() + ": " + it.event().notation() + CALLED;
      case Say.RunIn it ->
          "Wall "
              + it.wall()
              + " starts at "
              + it.wallStarts().clock()
              + "; take it from "
              + Plain.many(it.counts(), "count")
              + " before, facing "
              + it.facing().clock()
              + ".";
      case Say.Event it -> special(it);
      case Say.ForWhoLikes it ->
          "For whoever likes it better: " + Plain.counts(it.from(), it.to()) + ".";
    };
  }

  private static String special(Say.Event it) {
    return it.event() instanceof EventId.Restart restart
        ? "After count " + restart.after() + " begin again, facing " + it.to().clock() + CALLED
        : "Then "
            + it.event().notation()
            + ", from "
            + it.from().clock()
            + " to "
            + it.to().clock()
            + CALLED;
  }

  private static String weight(Weight weight) {
    return switch (weight) {
      case LEFT -> "Weight on the left, right foot free";
      case RIGHT -> "Weight on the right, left foot free";
      case BOTH -> "Weight on both feet";
    };
  }
}
