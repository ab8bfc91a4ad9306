package ulnaawl.words;

import java.time.LocalDate;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Happened;
import ulnaawl.learning.LearningReason;
import ulnaawl.learning.LookBack;
import ulnaawl.learning.Outcome;
import ulnaawl.learning.Ruling;
import ulnaawl.learning.Stage;
import ulnaawl.people.PeopleNames;

final class EnglishLearning implements LearningSpeech {

  private final PeopleNames names;

  EnglishLearning(PeopleNames names) {
    this.names = names;
  }

  @Override
  public String reason(LearningReason reason) {
    return switch (reason) {
      case LearningReason.NothingYet _ -> "Nothing has been taught of it.";
      case LearningReason.Step it -> step(it);
      case LearningReason.Faded it ->
          "It has faded to " + it.strength() + " %; under " + it.least() + " % a dance is rusty.";
      case LearningReason.FewWereThere it ->
          "Only "
              + it.presence().there()
              + " of the "
              + it.presence().of()
              + " who come now were shown it: half taught.";
      case LearningReason.Ruled it -> ruled(it.ruling(), it.record());
      case LearningReason.LostLastTime _ -> "Lost last time.";
      case LearningReason.NewSince it ->
          "The text has changed since it was taught to the end: "
              + sections(it.sections())
              + (it.sections().size() == 1 ? " is" : " are")
              + " new to the group.";
    };
  }

  private String step(LearningReason.Step it) {
    String shown =
        it.happened().isWhole() || it.sections().isEmpty() ? "" : ", " + sections(it.sections());
    String gap =
        (it.strength() == 0 ? "" : "; still " + it.strength() + " % there")
            + "; come back after "
            + Plain.many(it.gapAfter(), "day");
    return Plain.day(it.date())
        + ": "
        + happened(it.happened())
        + shown
        + ", "
        + outcome(it.outcome())
        + gap;
  }

  private String ruled(Ruling ruling, Stage record) {
    String what =
        switch (ruling) {
          case Ruling.StandsAt it -> "says that it is " + stage(it.stage());
          case Ruling.Retires _ -> "has retired it for this group";
        };
    String note = ruling.note().isBlank() ? "" : " (" + ruling.note() + ")";
    return Plain.capital(names.of(ruling.by()))
        + " "
        + what
        + ", "
        + Plain.day(ruling.on())
        + note
        + "; by the record it is "
        + stage(record)
        + ".";
  }

  @Override
  public String stage(Stage stage) {
    return switch (stage) {
      case NOT_STARTED -> "not started";
      case STARTED -> "started";
      case TAUGHT -> "taught";
      case PRACTISED -> "practised";
      case KNOWN -> "known";
      case RUSTY -> "rusty";
      case RETIRED -> "retired";
    };
  }

  @Override
  public String happened(Happened happened) {
    return switch (happened) {
      case INTRODUCED -> "introduced";
      case TAUGHT -> "taught to the end";
      case WALKED -> "walked through";
      case DANCED_CALLED -> "danced with calls";
      case DANCED -> "danced without calls";
    };
  }

  @Override
  public String became(LookBack.Became became) {
    return switch (became) {
      case LEARNED -> "Learned";
      case BEGUN -> "Begun, not finished";
      case CAME_BACK -> "Came back";
      case KEPT -> "Kept";
      case RESTED -> "Known, not danced";
      case FADED -> "Faded";
      case LEFT -> "Not danced any more";
    };
  }

  @Override
  public String notBegun() {
    return "Planned, not begun";
  }

  @Override
  public String span(LocalDate from, LocalDate until) {
    return Plain.day(from)
        + " "
        + from.getYear()
        + " to "
        + Plain.day(until)
        + " "
        + until.getYear();
  }

  @Override
  public String report(int days, int planned, int learned, int figures) {
    String met = "Met " + Plain.many(figures, "new figure") + ".";
    String was =
        planned == 0
            ? "No new dance was planned."
            : "Learned "
                + learned
                + " of "
                + Plain.many(planned, "new dance")
                + " that had been planned.";
    return "Danced on " + Plain.many(days, "day") + ". " + was + " " + met;
  }

  @Override
  public String outcome(Outcome outcome) {
    return switch (outcome) {
      case SOLID -> "solid";
      case SHAKY -> "shaky";
      case LOST -> "lost";
    };
  }

  @Override
  public String sections(SectionSet sections) {
    return Plain.sections(sections);
  }
}
