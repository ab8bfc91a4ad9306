package ulnaawl.words;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Level;
import ulnaawl.learning.Happened;
import ulnaawl.learning.LearningReason;
import ulnaawl.learning.Outcome;
import ulnaawl.learning.Stage;
import ulnaawl.plan.BrokenRule;
import ulnaawl.plan.ClassLine.Filler;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.Late;
import ulnaawl.plan.PlanReason;

/** Reasons become sentences where they are read, on the day on which they are read. */
public class SpeechTest {

  private static final LocalDate CLASS = LocalDate.of(2026, 9, 8);
  private static final Speech ENGLISH = Speech.english();

  @DataProvider
  public Object[][] days() {
    String rest = ", practised; walk it through in 4 minutes, then dance it.";
    return new Object[][] {
      {CLASS.minusDays(4), 7, "Will be 7 days overdue by then" + rest},
      {CLASS.minusDays(4), 0, "Due on that day" + rest},
      {CLASS, 7, "Due 7 days ago" + rest},
      {CLASS, 1, "Due 1 day ago" + rest},
      {CLASS, 0, "Due today" + rest},
      {CLASS.plusDays(1), 7, "Was 7 days overdue" + rest},
    };
  }

  @Test(dataProvider = "days")
  public void aDueDanceIsToldFromTheDayOfReading(LocalDate today, int late, String sentence) {
    PlanReason due = new PlanReason.Due(CLASS.minusDays(late), CLASS, Stage.PRACTISED, 4);
    assertEquals(ENGLISH.plan().reason(due, today), sentence);
  }

  @Test
  public void whatWasTaughtIsASetOfSections() {
    assertEquals(
        ENGLISH.plan().reason(new PlanReason.GoOn(SectionSet.upTo(2), 4), CLASS),
        "Started: sections 1 and 2 of 4 have been shown; go on from section 3.");
    assertEquals(
        ENGLISH.plan().reason(new PlanReason.GoOn(SectionSet.between(3, 4), 4), CLASS),
        "Started: sections 3 and 4 of 4 have been shown; sections 1 and 2 are still to come.");
    assertEquals(
        ENGLISH
            .learning()
            .reason(
                new LearningReason.Step(
                    CLASS,
                    Happened.INTRODUCED,
                    SectionSet.of(List.of(1, 2, 3, 5)),
                    Outcome.SHAKY,
                    0,
                    7)),
        "8 September: introduced, sections 1 to 3 and 5, shaky; come back after 7 days");
  }

  @Test
  public void pluralsAreInOnePlace() {
    assertEquals(Plain.many(1, "day"), "1 day");
    assertEquals(Plain.many(0, "day"), "0 days");
    assertEquals(
        ENGLISH
            .plan()
            .reason(
                new PlanReason.NewDance(Level.BEGINNER, Level.BEGINNER, List.of("vine")), CLASS),
        "It measures beginner, the group's own level; new: vine.");
  }

  /** Another language is another class, and nothing else changes. */
  private static final class Other implements PlanSpeech {
    @Override
    public String reason(PlanReason reason, LocalDate today) {
      return switch (reason) {
        case PlanReason.Due it -> "à revoir depuis le " + it.due();
        case PlanReason.KeepsFresh it -> it.due().map(day -> "le " + day).orElse("un jour");
        default -> reason.getClass().getSimpleName();
      };
    }

    @Override
    public String broken(BrokenRule rule, List<String> titles) {
      return rule.getClass().getSimpleName();
    }

    @Override
    public String late(Late.Line line) {
      return line.what().name();
    }

    @Override
    public String kind(Kind kind) {
      return kind.name();
    }

    @Override
    public String filler(Filler filler) {
      return filler.name();
    }
  }

  @Test
  public void aSecondLanguageIsOneMoreClass() {
    PlanSpeech other = new Other();
    List<PlanReason> reasons =
        List.of(
            new PlanReason.Due(CLASS, CLASS, Stage.RUSTY, 3),
            new PlanReason.KeepsFresh(Optional.empty()),
            new PlanReason.TaughtToday());
    assertEquals(
        other.reasons(reasons, CLASS), "à revoir depuis le 2026-09-08 un jour TaughtToday");
    assertTrue(ENGLISH.plan().reasons(reasons, CLASS).startsWith("Due today"));
  }
}
