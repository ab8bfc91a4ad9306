package ulnaawl.words;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Level;
import ulnaawl.people.PeopleNames;
import ulnaawl.plan.BrokenRule;
import ulnaawl.plan.ClassLine.Filler;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.Late;
import ulnaawl.plan.PlanReason;

final class EnglishPlan implements PlanSpeech {

  private final PeopleNames names;
  private final LearningSpeech learning;

  EnglishPlan(PeopleNames names) {
    this.names = names;
    this.learning = new EnglishLearning(names);
  }

  @Override
  public String reason(PlanReason reason, LocalDate today) {
    return switch (reason) {
      case PlanReason.WarmsUp it ->
          "Warm up first: 5 to 10 minutes of light movement are advised, here "
              + it.advised()
              + (it.minutes() < it.advised() ? "; " + it.minutes() + " fit." : ".");
      case PlanReason.CoolsDown it ->
          "Come down slowly: "
              + Plain.many(it.advised(), "minute is advised", "minutes are advised")
              + (it.minutes() < it.advised() ? "; " + it.minutes() + " fit." : ".");
      case PlanReason.EasiestToWarmUp it ->
          "Warm up first; this is the easiest dance that the group has ("
              + it.level().label()
              + ").";
      case PlanReason.NothingToWarmUp _ ->
          "Warm up first; there is no dance yet that the group has learned.";
      case PlanReason.KnownToEndOn _ ->
          "End on something the group knows: danced without calls, to its song.";
      case PlanReason.NoKnownFits _ ->
          "No dance that is known well enough fits best at the end; let the group choose.";
      case PlanReason.NothingToEndOn _ ->
          "Nothing is known well enough yet to end on; let the group choose.";
      case PlanReason.Due it -> due(it, today);
      case PlanReason.GoOn it -> goOn(it);
      case PlanReason.FewWereThere it ->
          "Only "
              + it.there()
              + " of the "
              + it.of()
              + " who come now were shown it: once more from the start for the others.";
      case PlanReason.NewDance it -> newDance(it);
      case PlanReason.NotLedTo it ->
          "The group has not met " + it.on() + " yet, which leads to " + it.figure() + ".";
      case PlanReason.Alike it -> "The group has met " + it.percent() + " % of its figures.";
      case PlanReason.AskedFor it ->
          // Not by name: the list of requests has those, for whoever leads.
          "Asked for by "
              + Plain.many(it.who().size(), "dancer")
              + " since "
              + Plain.day(it.since())
              + ".";
      case PlanReason.OfTheme it -> "It belongs to the theme " + it.theme() + ".";
      case PlanReason.OfTerm _ -> "The term has it in this class.";
      case PlanReason.TermBeginsIt it -> "The term begins it on " + Plain.day(it.on()) + ".";
      case PlanReason.OthersKnow it ->
          Plain.capital(Plain.many(it.groups(), "other group"))
              + (it.groups() == 1 ? " knows" : " know")
              + " it: good for a social.";
      case PlanReason.LeaderUnsure _ -> "Who leads has not led it yet, as far as the record says.";
      case PlanReason.OtherStyle it ->
          "A change of style: " + it.style() + " is not what was learned last.";
      case PlanReason.NoSong _ -> "No song with its length is there to dance it to.";
      case PlanReason.Danced it ->
          Plain.capital(learning.stage(it.stage())) + ", " + it.strength() + " % still there.";
      case PlanReason.TeachTakes it ->
          "From where the group is, its teach takes about "
              + Plain.many(it.minutes(), "minute")
              + (it.whole() ? "." : "; the rest goes to the next class.");
      case PlanReason.NeedsRest it ->
          "The class lasts "
              + Plain.many(it.classMinutes(), "minute")
              + "; everybody needs a break at least every hour.";
      case PlanReason.TaughtToday _ -> "What was taught today, slow to full speed.";
      case PlanReason.KeepsFresh it ->
          "Taught lately"
              + it.due().map(day -> ", due on " + Plain.day(day)).orElse("")
              + "; danced once more it stays.";
      case PlanReason.MinutesLeft it ->
          Plain.many(it.minutes(), "minute")
              + (it.minutes() == 1 ? " is" : " are")
              + " left in which no other dance fits by the rules.";
      case PlanReason.ChosenBy it -> "Chosen by " + names.of(it.person()) + ".";
      case PlanReason.SaidThen it -> it.sentence();
    };
  }

  /** A due date seen from the day of reading: the class may be to come, today, or over. */
  private String due(PlanReason.Due it, LocalDate today) {
    long late = ChronoUnit.DAYS.between(it.due(), it.on());
    String when;
    if (today.isBefore(it.on())) {
      when =
          late == 0 ? "Due on that day" : "Will be " + Plain.many(late, "day") + " overdue by then";
    } else if (today.equals(it.on())) {
      when = late == 0 ? "Due today" : "Due " + Plain.many(late, "day") + " ago";
    } else {
      when = late == 0 ? "Was due on that day" : "Was " + Plain.many(late, "day") + " overdue";
    }
    return when
        + ", "
        + learning.stage(it.stage())
        + "; walk it through in "
        + Plain.many(it.walkMinutes(), "minute")
        + ", then dance it.";
  }

  private static String goOn(PlanReason.GoOn it) {
    SectionSet left = SectionSet.upTo(it.sections()).without(it.shown());
    if (left.isEmpty()) {
      return "Started: "
          + Plain.sections(it.shown())
          + (it.shown().size() == 1 ? " has" : " have")
          + " been shown, which is all of it; it was never taught as a whole.";
    }
    boolean inOrder = it.shown().isWhole(it.shown().size());
    return "Started: "
        + Plain.sections(it.shown())
        + " of "
        + it.sections()
        + (it.shown().size() == 1 ? " has" : " have")
        + " been shown; "
        + (inOrder
            ? "go on from section " + left.numbers().getFirst() + "."
            : Plain.sections(left) + (left.size() == 1 ? " is" : " are") + " still to come.");
  }

  private static String newDance(PlanReason.NewDance it) {
    int above = it.level().above(it.group());
    String fit = "It measures " + it.level().label() + compared(above, it.group());
    String figures =
        switch (it.newFigures().size()) {
          case 0 -> "all its figures are known";
          case 1, 2 -> "new: " + Plain.list(it.newFigures());
          default -> it.newFigures().size() + " figures are new";
        };
    return fit + "; " + figures + ".";
  }

  private static String compared(int above, Level group) {
    if (above == 0) {
      return ", the group's own level";
    }
    return (above > 0 ? ", one above the group's " : ", below the group's ") + group.label();
  }

  @Override
  public String kind(Kind kind) {
    return switch (kind) {
      case WARM_UP -> "Warm-up";
      case REMINDER -> "Reminder";
      case TEACH -> "Teach";
      case BREAK -> "Break";
      case PRACTICE -> "Practice";
      case FINISH -> "Finish";
      case COOL_DOWN -> "Cool-down";
    };
  }

  @Override
  public String broken(BrokenRule rule, List<String> titles) {
    return switch (rule) {
      case BrokenRule.NotFilled it ->
          Plain.capital(Plain.many(it.minutes(), "minute"))
              + (it.minutes() == 1 ? " has" : " have")
              + " no plan.";
      case BrokenRule.TooLong it ->
          Plain.capital(Plain.many(it.minutes(), "minute")) + " more than the class has.";
      case BrokenRule.NoWarmUp _ -> "There is no warm-up at the beginning.";
      case BrokenRule.NoCoolDown _ -> "There is no cool-down at the end.";
      case BrokenRule.NoRest it ->
          "No break for "
              + (it.to() - it.from())
              + " minutes, from minute "
              + it.from()
              + " to "
              + it.to()
              + ".";
      case BrokenRule.Alike it ->
          both(it.line(), it.next(), titles) + " are both " + it.style() + " and alike in speed.";
      case BrokenRule.BothVeryFast it ->
          both(it.line(), it.next(), titles) + " are both very fast.";
      case BrokenRule.BothFast it ->
          both(it.line(), it.next(), titles) + " are both fast, one straight after the other.";
      case BrokenRule.SecondTeach it ->
          titles.get(it.line()) + " is a second teach; one is enough for this level.";
      case BrokenRule.TeachFirst it ->
          titles.get(it.line()) + " is taught before anything has been danced.";
      case BrokenRule.TeachLate it ->
          titles.get(it.line())
              + " is taught after "
              + it.dances()
              + " dances; heads are fresher before.";
      case BrokenRule.NotDanced it ->
          titles.get(it.line()) + " is taught and not danced to its music straight after it.";
      case BrokenRule.Twice it -> titles.get(it.line()) + " stands twice.";
    };
  }

  private static String both(int line, int next, List<String> titles) {
    return titles.get(line) + " and " + titles.get(next);
  }

  @Override
  public String late(Late.Line line) {
    int less = line.line().minutes() - line.minutes();
    return switch (line.what()) {
      case STAYS -> "";
      case SHORTER -> Plain.many(less, "minute") + " shorter";
      case WITHOUT_WALK -> "danced with calls, without the walk-through";
      case CARRIED_OVER -> "not tonight; it comes back by the record";
      case LEFT_OUT -> "left out";
    };
  }

  @Override
  public String filler(Filler filler) {
    return switch (filler) {
      case WARM_UP_STEPS -> "Walks, side touches and stretches";
      case REST -> "Water and a seat";
      case REQUESTS -> "Dances that the group asks for";
      case GROUPS_CHOICE -> "A dance of the group's choice";
      case COOL_DOWN_STEPS -> "Slow steps and stretches";
      case IN_HAND -> "Minutes in hand";
    };
  }
}
