package ulnaawl.words;

import java.util.List;
import ulnaawl.dance.SectionSet;
import ulnaawl.music.PlayTime;
import ulnaawl.teach.TeachReason;
import ulnaawl.teach.ladder.LadderWalk;
import ulnaawl.teach.lesson.Exposure;
import ulnaawl.teach.lesson.Load;
import ulnaawl.teach.lesson.LoadReason;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Piece;
import ulnaawl.teach.lesson.Say;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.school.School;
import ulnaawl.teach.school.SchoolReason;
import ulnaawl.wall.EventId;

final class EnglishTeach implements TeachSpeech {

  @Override
  public String reason(TeachReason reason) {
    return switch (reason) {
      case TeachReason.Follows it -> school(it.school()) + ": " + goodFor(it.school()) + ".";
      case TeachReason.OwnOrder _ ->
          "Our own order; the repetitions that are not locked fit the minutes.";
      case TeachReason.BeginsWithReminder it ->
          "The group has been shown "
              + Plain.sections(it.shown())
              + ", so the teach begins with a reminder of "
              + (it.shown().size() == 1 ? "it." : "these.");
      case TeachReason.Shortest it ->
          "The shortest teach "
              + (it.whole() ? "of it all" : "so far")
              + " takes "
              + PlayTime.of(it.seconds())
              + "; "
              + PlayTime.of(it.moreSeconds())
              + " more went to what was practised least.";
      case TeachReason.DoesNotFit it ->
          "Not even this fits into " + Plain.many(it.minutes(), "minute") + ".";
      case TeachReason.TooLong it ->
          "It takes "
              + PlayTime.of(it.overSeconds())
              + " more than the "
              + Plain.many(it.minutes(), "minute")
              + " there "
              + (it.minutes() == 1 ? "is." : "are.");
      case TeachReason.GivesBack it ->
          PlayTime.of(it.seconds()) + " are left and go back to the class.";
      case TeachReason.TooMuch it ->
          "All of it at once is too much"
              + (it.levelsAbove() > 0
                  ? ", " + Plain.many(it.levelsAbove(), "level") + " above the group"
                  : "")
              + ": its weakest section would get only "
              + it.percent()
              + " % of its practice. "
              + Plain.capital(Plain.sections(it.tonight()))
              + " tonight, "
              + Plain.sections(it.later())
              + " next week.";
      case TeachReason.LevelsAbove it ->
          "The dance lies " + it.levels() + " levels above the group.";
      case TeachReason.ChosenSoFar it ->
          "Somebody chose to go as far as " + Plain.sections(it.reached()) + ".";
      case TeachReason.DancedBeforeTaught it ->
          "The "
              + it.event().notation()
              + " comes on wall "
              + it.wall()
              + " before it is taught: put its drill in front, or leave that wall out.";
      case TeachReason.RisesTooFast it ->
          "Drill "
              + it.drill()
              + " goes from "
              + it.from()
              + " to "
              + it.to()
              + " %: no rung should rise by more than 15 %.";
      case TeachReason.LeastPractised it ->
          "Least practised by the end: section " + it.section() + ", " + it.percent() + " %.";
      case TeachReason.UpTo it ->
          "To the end of section "
              + it.section()
              + ", facing "
              + it.facing().clock()
              + left(it.left(), it.exceptions());
      case TeachReason.FromOn it ->
          "From section "
              + it.section()
              + " to the end, beginning at "
              + it.facing().clock()
              + left(it.left(), it.exceptions());
      case TeachReason.Some it ->
          Plain.capital(Plain.sections(it.taught())) + left(it.left(), it.exceptions());
      case TeachReason.NotDanced it -> "Not danced yet: " + Plain.sections(it.sections()) + ".";
    };
  }

  private static String left(SectionSet sections, List<EventId> exceptions) {
    List<String> rest = new java.util.ArrayList<>(List.of(Plain.sections(sections)));
    exceptions.forEach(it -> rest.add("the " + it.notation()));
    return "; " + Plain.list(rest) + " next time, with a reminder in front.";
  }

  @Override
  public String say(Say say) {
    return EnglishSay.of(say);
  }

  @Override
  public String load(Load.Part part) {
    String sign = part.tenths() < 0 ? "−" : "+";
    return load(part.reason()) + ": " + sign + Plain.tenths(Math.abs(part.tenths()));
  }

  private static String load(LoadReason reason) {
    return switch (reason) {
      case LoadReason.Counted it ->
          switch (it.what()) {
            case PLACES -> Plain.many(it.number(), "step on the count", "steps on the count");
            case HOLDS -> Plain.many(it.number(), "hold");
            case BETWEEN_COUNTS ->
                Plain.many(it.number(), "step between counts", "steps between counts");
            case EIGHTHS_OF_TURN ->
                Plain.many(it.number(), "eighth of a turn", "eighths of a turn");
            case NO_WEIGHT ->
                Plain.many(
                    it.number(),
                    "touch, kick or the like without weight",
                    "touches, kicks and the like without weight");
            case DIRECTION_CHANGES ->
                Plain.many(it.number(), "change of direction", "changes of direction");
          };
      case LoadReason.NewFigure it -> "new: " + it.figure();
      case LoadReason.Fast it -> it.countsPerMinute().label() + " counts a minute";
      case LoadReason.Echoes it ->
          (it.mirrored() ? "mirrors" : "repeats") + " section " + it.section();
      case LoadReason.HalfEchoes it ->
          "its second half " + (it.mirrored() ? "mirrors" : "repeats") + " its first";
      case LoadReason.Marked _ -> "marked: watch out";
    };
  }

  @Override
  public String school(School school) {
    return switch (school) {
      case ADD_ON -> "Add-on";
      case PAIRS -> "Pairs";
      case HALVES -> "Halves";
      case SECTIONS -> "Sections, then whole";
      case RECAP -> "Recap";
      case BACK -> "From the back";
      case REMINDER -> "Reminder walk-through";
    };
  }

  @Override
  public String goodFor(School school) {
    return switch (school) {
      case ADD_ON ->
          "good for beginners: everything so far is danced again and again. The first section is"
              + " danced most, so the last gets extra turns";
      case PAIRS ->
          "good for longer dances: fewer returns to the top, and every other join gets a drill of"
              + " its own";
      case HALVES ->
          "good where the second half faces elsewhere: the class is turned to where it begins, and"
              + " each half becomes a loop";
      case SECTIONS ->
          "quick, for groups that learn fast: no going back until everything has been shown";
      case RECAP -> "for what the group has learned, and for experienced dancers";
      case BACK ->
          "good where the end is the hardest: it is danced most, and every run ends on what is"
              + " known";
      case REMINDER -> "for a dance that the group had and has half forgotten";
    };
  }

  @Override
  public String why(SchoolReason reason) {
    return switch (reason) {
      case SchoolReason.LearnedBefore _ -> "The group has learned this dance before.";
      case SchoolReason.BegunFromTheBack _ ->
          "The group was begun at the end of the dance, so it goes on towards the start.";
      case SchoolReason.EndIsHard it ->
          "The last section is the hardest, "
              + Plain.many(it.plainCounts(), "plain count")
              + " against "
              + it.usual()
              + " on average: it should be danced most.";
      case SchoolReason.SecondHalfAtTheBack _ ->
          "The second half begins at the back, so the class is turned once for it.";
      case SchoolReason.WantsRepeats it ->
          "The group is " + it.level().label() + ": it wants everything again and again.";
      case SchoolReason.ManySections it ->
          it.sections() + " sections are many: going to the top after each takes too long.";
      case SchoolReason.LearnsFast it -> "The group is " + it.level().label() + " and learns fast.";
    };
  }

  @Override
  public String scope(Scope scope) {
    return switch (scope) {
      case Scope.OneSection it -> "Section " + it.section();
      case Scope.Run it -> "Sections " + it.from() + " to " + it.to();
      case Scope.Join it -> "Join: " + it.from() + " into " + it.to();
      case Scope.Link it -> "Link: section " + it.last() + " into " + it.first();
      case Scope.Walls it ->
          it.from() == it.to() ? "Wall " + it.from() : "Walls " + it.from() + " to " + it.to();
      case Scope.Song _ -> "The whole song";
      case Scope.Event it -> "Wall " + it.wall() + ": " + it.event().notation();
      case Scope.Option it -> "Option: " + it.name();
    };
  }

  @Override
  public String piece(Piece piece) {
    return switch (piece) {
      case Piece.Steps it -> "section " + it.section();
      case Piece.Join it -> "join " + it.from() + " to " + it.to();
      case Piece.Link it -> "link " + it.last() + " to " + it.first();
      case Piece.Event it -> it.event().notation();
    };
  }

  @Override
  public String mode(Mode mode) {
    return switch (mode) {
      case WORDS -> "in words";
      case COUNTS -> "in counts";
      case MUSIC -> "to music";
    };
  }

  @Override
  public String exposure(Exposure exposure) {
    int tenths = (exposure.turns() + 50) / 100;
    return Plain.tenths(tenths)
        + (tenths == 10 ? " time " : " times ")
        + mode(exposure.mode())
        + (exposure.mode() == Mode.WORDS ? "" : " at " + exposure.percent() + " %");
  }

  @Override
  public String suggestion(LadderWalk.Suggestion suggestion) {
    String often =
        Plain.many(suggestion.times(), "time")
            + " or more at "
            + suggestion.percent()
            + " % and not clean: ";
    return switch (suggestion.instead()) {
      case LadderWalk.Instead.BreakDown _ ->
          often + "break the hardest section down in words first.";
      case LadderWalk.Instead.EndOn it ->
          often + "end on a clean wall at " + it.percent() + " % and take it up next week.";
    };
  }
}
