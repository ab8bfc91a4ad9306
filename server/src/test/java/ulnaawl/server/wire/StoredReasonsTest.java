package ulnaawl.server.wire;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Level;
import ulnaawl.learning.Stage;
import ulnaawl.people.PersonId;
import ulnaawl.plan.PlanReason;

/**
 * Reasons stand in databases for years: what each is called there and what it holds is written down
 * here, so that a new name in the code cannot make old classes unreadable.
 */
public class StoredReasonsTest {

  private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

  private final Reasons reasons = new Reasons(mapper());

  private static JsonMapper mapper() {
    return JsonMapper.builder().addModule(new CoreJson().coreValues()).build();
  }

  @DataProvider
  public Object[][] stored() {
    return new Object[][] {
      {
        new PlanReason.EasiestToWarmUp(Level.BEGINNER), "easiest-to-warm-up", "{'level':'BEGINNER'}"
      },
      {new PlanReason.NothingToWarmUp(), "nothing-to-warm-up", "{}"},
      {new PlanReason.KnownToEndOn(), "known-to-end-on", "{}"},
      {new PlanReason.NothingToEndOn(), "nothing-to-end-on", "{}"},
      {
        new PlanReason.Due(DAY, DAY.plusDays(6), Stage.RUSTY, 4),
        "due",
        "{'due':'2026-11-24','on':'2026-11-30','stage':'RUSTY','walkMinutes':4}"
      },
      {
        new PlanReason.GoOn(SectionSet.of(List.of(1, 2, 4)), 4),
        "go-on",
        "{'sections':4,'shown':[1,2,4]}"
      },
      {
        new PlanReason.NewDance(Level.IMPROVER, Level.BEGINNER, List.of("jazz box")),
        "new-dance",
        "{'group':'BEGINNER','level':'IMPROVER','newFigures':['jazz box']}"
      },
      {new PlanReason.TeachTakes(18, true), "teach-takes", "{'minutes':18,'whole':true}"},
      {new PlanReason.NeedsRest(90), "needs-rest", "{'classMinutes':90}"},
      {new PlanReason.NoKnownFits(), "no-known-fits", "{}"},
      {new PlanReason.WarmsUp(5, 7), "warms-up", "{'minutes':5,'advised':7}"},
      {new PlanReason.CoolsDown(4, 5), "cools-down", "{'minutes':4,'advised':5}"},
      {new PlanReason.FewWereThere(7, 18), "few-were-there", "{'there':7,'of':18}"},
      {
        new PlanReason.NotLedTo("lindy", "chasse"), "not-led-to", "{'figure':'lindy','on':'chasse'}"
      },
      {new PlanReason.Alike(60), "alike", "{'percent':60}"},
      {
        new PlanReason.AskedFor(List.of("Ida"), DAY),
        "asked-for",
        "{'who':['Ida'],'since':'2026-11-24'}"
      },
      {new PlanReason.OfTheme("autumn"), "of-theme", "{'theme':'autumn'}"},
      {new PlanReason.OfTerm(), "of-term", "{}"},
      {new PlanReason.TermBeginsIt(DAY), "term-begins-it", "{'on':'2026-11-24'}"},
      {new PlanReason.OthersKnow(2), "others-know", "{'groups':2}"},
      {new PlanReason.LeaderUnsure(), "leader-unsure", "{}"},
      {new PlanReason.OtherStyle("waltz"), "other-style", "{'style':'waltz'}"},
      {new PlanReason.NoSong(), "no-song", "{}"},
      {new PlanReason.Danced(Stage.KNOWN, 92), "danced", "{'stage':'KNOWN','strength':92}"},
      {new PlanReason.TaughtToday(), "taught-today", "{}"},
      {new PlanReason.KeepsFresh(Optional.of(DAY)), "keeps-fresh", "{'due':'2026-11-24'}"},
      {new PlanReason.MinutesLeft(5), "minutes-left", "{'minutes':5}"},
      {new PlanReason.ChosenBy(new PersonId(4)), "chosen-by", "{'person':4}"},
      {new PlanReason.SaidThen("As it was."), "said-then", "{'sentence':'As it was.'}"},
    };
  }

  @Test(dataProvider = "stored")
  public void isStoredUnderThisNameAndReadBack(PlanReason reason, String code, String args) {
    String json = "[{\"code\":\"%s\",\"args\":%s}]".formatted(code, args.replace('\'', '"'));
    assertEquals(mapper().readTree(reasons.write(List.of(reason))), mapper().readTree(json));
    assertEquals(reasons.read(json, PlanReason.class), List.of(reason));
  }

  /** A new kind of reason needs a line above before it can be stored. */
  @Test
  public void everyKindStandsHere() {
    Set<Class<?>> here =
        Arrays.stream(stored()).map(it -> it[0].getClass()).collect(Collectors.toSet());
    assertEquals(here, Set.of(PlanReason.class.getPermittedSubclasses()));
  }

  @Test
  public void whatIsNoneOfTheFamilyIsRefused() {
    String unknown = "[{\"code\":\"stars-are-right\",\"args\":{}}]";
    assertThrows(IllegalArgumentException.class, () -> reasons.read(unknown, PlanReason.class));
    assertTrue(reasons.read("[]", PlanReason.class).isEmpty());
    assertEquals(
        reasons.read("[{\"code\":\"keeps-fresh\",\"args\":{\"due\":null}}]", PlanReason.class),
        List.of(new PlanReason.KeepsFresh(Optional.empty())));
  }
}
