package ulnaawl.handover;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;
import ulnaawl.Tries;
import ulnaawl.dance.SectionSet;
import ulnaawl.handover.StandIn.Colleague;
import ulnaawl.handover.StandIn.Hindrance;
import ulnaawl.handover.StandIn.Planned;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.learning.Stage;
import ulnaawl.people.PersonId;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.wall.EventId;
import ulnaawl.words.HandoverSpeech;
import ulnaawl.words.Speech;

/**
 * What passes between leaders. That it reads well is common practice, no source; invented clubs.
 */
public class HandoverTest {

  private static final LocalDate THURSDAY = LocalDate.of(2026, 11, 26);
  private static final List<String> NAMES = List.of("Ines", "Oda", "Wilma", "Bo", "Cy", "Di");
  private static final PersonId INES = new PersonId(1);
  private static final PersonId ODA = new PersonId(2);
  private static final PersonId WILMA = new PersonId(3);
  private static final HandoverSpeech SAYS =
      Speech.english(it -> NAMES.get((int) it.number() - 1)).handover();

  private static PastClass held(int daysAgo, PersonId leader, PastClass.Done... done) {
    return new PastClass(THURSDAY.minusDays(daysAgo), leader, List.of(done), List.of(), "");
  }

  private static PastClass.Done done(String title, Happened happened, Outcome outcome) {
    return new PastClass.Done(1, title, happened, SectionSet.between(1, 3), 4, outcome, "");
  }

  private static Brief brief(PersonId reader, PastClass... held) {
    return Brief.of(reader, THURSDAY, List.of(held), List.of(), List.of(), List.of());
  }

  @Test
  public void itTellsWhatHappenedSinceTheReaderLastLed() {
    PastClass mine = held(21, INES, done("Salt Road", Happened.DANCED, Outcome.SOLID));
    PastClass before = held(28, ODA, done("Tea Urn", Happened.TAUGHT, Outcome.SOLID));
    PastClass two = held(14, ODA, done("Tea Urn", Happened.WALKED, Outcome.SHAKY));
    PastClass one = held(7, WILMA, done("Paper Lanterns", Happened.INTRODUCED, Outcome.SHAKY));
    Brief brief = brief(INES, before, one, mine, two);
    assertEquals(brief.lastLed(), Optional.of(THURSDAY.minusDays(21)));
    assertEquals(brief.since(), List.of(one, two));
    List<String> says = SAYS.summary(brief);
    assertEquals(
        says.get(0), "You last led them on 5 November; 2 classes since, led by Wilma and Oda.");
    assertEquals(says.get(1), "19 November, Wilma: Paper Lanterns: sections 1 to 3 taught, shaky.");
  }

  @Test
  public void whoNeverLedReadsOfTheLastFewAndWhoLedLastOfNothing() {
    PastClass[] all = new PastClass[5];
    for (int i = 0; i < all.length; i++) {
      all[i] = held(7 * (i + 1), ODA, done("Tea Urn", Happened.DANCED, Outcome.SOLID));
    }
    assertEquals(brief(INES, all).since().size(), 3);
    assertTrue(SAYS.summary(brief(INES, all)).getFirst().startsWith("You have not led them yet."));
    assertEquals(SAYS.summary(brief(ODA, all)), List.of("You led them last, on 19 November."));
    assertEquals(SAYS.summary(brief(ODA)), List.of("Nothing is written down of this group yet."));
  }

  /** A class on the day itself, or later, is none that has been. */
  @Test
  public void theClassItselfIsNotAmongThem() {
    assertTrue(brief(INES, held(0, ODA), held(-7, ODA)).since().isEmpty());
  }

  private static Brief random(Random random) {
    List<PastClass> held = new ArrayList<>();
    for (int i = 0; i < random.nextInt(12); i++) {
      List<PastClass.Done> done = new ArrayList<>();
      for (int j = 0; j <= random.nextInt(9); j++) {
        done.add(
            done(
                "Dance of " + "many words ".repeat(random.nextInt(4)) + j,
                Happened.values()[random.nextInt(5)],
                Outcome.values()[random.nextInt(3)]));
      }
      held.add(
          new PastClass(
              THURSDAY.minusDays(7L * i + 1),
              new PersonId(1 + random.nextInt(3)),
              done,
              List.of("Ana", "Bo", "Cy").subList(0, random.nextInt(4)),
              "word ".repeat(random.nextInt(300))));
    }
    List<DanceBrief> dances = new ArrayList<>();
    List<Brief.Planned> plan = new ArrayList<>();
    for (int i = 0; i < random.nextInt(10); i++) {
      plan.add(new Brief.Planned(Kind.TEACH, 20, "Dance " + i));
      dances.add(
          new DanceBrief(
              i,
              "Dance " + i,
              List.of(Kind.TEACH),
              20,
              Stage.STARTED,
              SectionSet.between(1, 2),
              4,
              random.nextBoolean() ? "without the turn" : "",
              List.of(new DanceBrief.Called(new EventId.Restart(16), List.of(3, 6))),
              List.of(),
              SectionSet.between(2, 2),
              Optional.empty()));
    }
    return Brief.of(INES, THURSDAY, held, plan, dances, List.of());
  }

  @Test
  public void theMostImportantHasFewerThanTwoHundredWords() {
    qt().withExamples(Tries.of(60, 500))
        .forAll(integers().all())
        .check(seed -> {
          Brief brief = random(new Random(seed));
          List<String> says = SAYS.summary(brief);
          int words = String.join(" ", says).split("\\s+").length;
          return words < HandoverSpeech.MOST_WORDS
              && (brief.plan().isEmpty()
                  || says.stream().anyMatch(it -> it.startsWith("Planned:")));
        });
  }

  @Test
  public void whatHasToBeCalledIsSaidWithItsWalls() {
    assertEquals(
        SAYS.exception(new DanceBrief.Called(new EventId.Restart(16), List.of(3, 6))),
        "restart after 16 on walls 3 and 6");
    assertEquals(
        SAYS.exception(new DanceBrief.Called(new EventId.Tag("Lull"), List.of(2))),
        "tag Lull on wall 2");
  }

  private static final Planned TEACH = new Planned(7, "Salt Road", Kind.TEACH);
  private static final Planned FINISH = new Planned(8, "Tea Urn", Kind.FINISH);

  private static Colleague colleague(int person, Set<Long> led, int weeksAgo) {
    return new Colleague(
        new PersonId(person),
        led,
        weeksAgo == 0 ? Optional.empty() : Optional.of(THURSDAY.minusWeeks(weeksAgo)),
        Optional.empty());
  }

  @Test
  public void whoCanTeachWhatIsTaughtComesBeforeWhoCanDanceTheRest() {
    Colleague away =
        new Colleague(
            INES,
            Set.of(7L, 8L),
            Optional.empty(),
            Optional.of(new Hindrance.Away(THURSDAY, THURSDAY)));
    List<StandIn> order =
        StandIn.of(
            List.of(new Planned(7, "Salt Road", Kind.WARM_UP), TEACH, FINISH),
            List.of(
                away,
                colleague(4, Set.of(8L), 1),
                colleague(5, Set.of(7L), 0),
                colleague(6, Set.of(), 2),
                colleague(3, Set.of(), 1)));
    assertEquals(
        order.stream().map(it -> it.person().number()).toList(), List.of(5L, 4L, 3L, 6L, 1L));
    List<String> cy = SAYS.standIn(order.get(0), THURSDAY);
    assertEquals(cy, List.of("Has led 1 of 2 planned dances.", "Has not led this group yet."));
    assertTrue(
        SAYS.standIn(order.get(1), THURSDAY)
            .contains("Has never led Salt Road, which is to be taught."));
    assertEquals(SAYS.standIn(order.get(4), THURSDAY).getFirst(), "Is away on 26 November.");
  }

  @Test
  public void oneLeadsTwoClassesOnlyOneAfterTheOther() {
    ClassTime first = new ClassTime(LocalTime.of(19, 0), 60);
    assertFalse(first.overlaps(new ClassTime(LocalTime.of(20, 0), 60)));
    assertFalse(first.overlaps(new ClassTime(LocalTime.of(18, 0), 60)));
    assertTrue(first.overlaps(new ClassTime(LocalTime.of(19, 59), 60)));
    assertTrue(first.overlaps(new ClassTime(LocalTime.of(18, 0), 180)));
    assertTrue(
        new ClassTime(LocalTime.of(23, 30), 60).overlaps(new ClassTime(LocalTime.of(23, 50), 5)));
    assertEquals(
        SAYS.cannot(new PersonId(4), new Hindrance.LeadsElsewhere("Turners")),
        "Bo leads Turners at that time.");
  }

  @Test
  public void theOrderOfTheColleaguesDoesNotMatter() {
    qt().withExamples(Tries.of(40, 200))
        .forAll(integers().between(0, 1000))
        .check(seed -> {
          Random random = new Random(seed);
          List<Colleague> all = new ArrayList<>();
          for (int i = 0; i < 6; i++) {
            all.add(
                colleague(
                    i + 1, random.nextBoolean() ? Set.of(7L) : Set.of(8L), random.nextInt(4)));
          }
          List<StandIn> first = StandIn.of(List.of(TEACH, FINISH), all);
          java.util.Collections.shuffle(all, random);
          return first.equals(StandIn.of(List.of(TEACH, FINISH), all));
        });
  }

  @Test
  public void aBudgetKeepsTheWeightiestInTheirOwnOrder() {
    List<WordBudget.Sentence> all =
        List.of(
            new WordBudget.Sentence(1, "light one"),
            new WordBudget.Sentence(9, "heavy one here"),
            new WordBudget.Sentence(5, "middle"));
    assertEquals(new WordBudget(4).choose(all), List.of("heavy one here", "middle"));
    assertEquals(new WordBudget(9).choose(all).getFirst(), "light one");
    assertFalse(new WordBudget(2).choose(all).contains("heavy one here"));
  }
}
