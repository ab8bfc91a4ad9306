package ulnaawl.dance.edit;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.longs;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.RandomDance;
import ulnaawl.Tries;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.dance.compile.DanceCompiler;
import ulnaawl.dance.edit.SectionEditor.Edited;
import ulnaawl.dance.edit.SectionEditor.Wanted;
import ulnaawl.dance.edit.SectionEditor.Wanted.Added;
import ulnaawl.dance.edit.SectionEditor.Wanted.Kept;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.Weight;

/** Building a dance figure by figure: what can come next, and the text that follows the order. */
public class SectionEditorTest {

  private static final FigureBook BOOK = FigureBook.standard();
  private static final String TEXT =
      """
      title: B
      start: weight L

      section 1: Some
      # mind the turn
      1-2    rock R fwd
      3&4    coaster step R
      5-8    walk L R, touch L, hold

      section 2
      1-4    vine L, touch R

      tag Lull
      1-2    sway R L
      """;

  private static Edited edit(int section, Wanted... order) {
    return new SectionEditor(TEXT, BOOK).write(section, List.of(order));
  }

  @Test
  public void keepsRhythmsWhenTheOrderChanges() {
    String now = edit(1, new Kept(1), new Kept(0), new Kept(2), new Kept(3)).text().orElseThrow();
    assertTrue(
        now.contains(
            "section 1: Some\n# mind the turn\n1&2    coaster step R\n3-4    rock L fwd\n"
                + "5      walk L\n6      walk R\n\nsection 2\n"),
        now);
    assertTrue(now.endsWith("tag Lull\n1-2    sway R L\n"), now);
  }

  @Test
  public void addsInTheUsualRhythm() {
    String now = edit(2, new Kept(6), new Kept(7), new Added("shuffle R fwd")).text().orElseThrow();
    assertTrue(now.contains("1-3    vine L\n4      touch R\n5&6    shuffle R fwd\n"), now);
    assertEquals(Dances.codes(now).contains("places"), false);
  }

  @Test
  public void refusesWhatDoesNotFit() {
    Edited full = edit(2, new Added("k step R"), new Added("vine R"));
    assertTrue(full.text().isEmpty());
    assertTrue(full.refusal().startsWith("These figures last 11 counts; a section has 8."));
    assertTrue(edit(7).refusal().contains("no section 7"));
    assertTrue(edit(1, new Added("flop R")).text().isEmpty());
    assertTrue(edit(1, new Added("vine R\nsection 9")).text().isEmpty());
  }

  @Test
  public void tellsWhatIsPossibleAtThePlace() {
    Dance dance = Dances.dance(TEXT);
    int afterRock = TEXT.indexOf("rock R fwd") + "rock R fwd".length();
    Possible there = Possible.at(dance, BOOK, afterRock);
    assertEquals(there.weight(), Weight.LEFT);
    assertEquals(there.section(), 1);
    assertEquals(there.nextCount(), 3);
    assertEquals(there.countsLeft(), 6);
    assertTrue(there.offers().stream().anyMatch(offer -> offer.text().equals("vine R")));
    assertTrue(there.offers().stream().allMatch(offer -> offer.counts() <= 6));
    assertTrue(there.offers().stream().noneMatch(offer -> offer.text().equals("k step R")));
    assertEquals(Possible.at(dance, BOOK, 3).section(), 0);
  }

  /** Writing a section in its own order changes nothing that is danced. */
  @Test
  public void sameOrderSameDance() {
    qt().withExamples(Tries.of(40, 300))
        .forAll(longs().all())
        .checkAssert(seed -> {
          String text = RandomDance.danceable(seed, 3);
          Dance before = DanceCompiler.compile(text, BOOK).dance();
          for (Section section : before.sections()) {
            List<Wanted> order =
                section.places().stream()
                    .map(Place::run)
                    .distinct()
                    .map(run -> (Wanted) new Kept(run))
                    .toList();
            Edited edited = new SectionEditor(text, BOOK).write(section.number(), order);
            Dance after = DanceCompiler.compile(edited.text().orElseThrow(), BOOK).dance();
            assertEquals(danced(after), danced(before), text + "\n" + edited);
          }
        });
  }

  /** Whatever the order, every figure is danced on the foot that is free there. */
  @Test
  public void feetFollowTheNewOrder() {
    qt().withExamples(Tries.of(40, 300))
        .forAll(longs().all())
        .checkAssert(seed -> {
          String text = RandomDance.danceable(seed, 1);
          Section section = DanceCompiler.compile(text, BOOK).dance().sections().getFirst();
          List<Wanted> order = new java.util.ArrayList<>();
          section.places().stream()
              .map(Place::run)
              .distinct()
              .forEach(run -> order.add(new Kept(run)));
          java.util.Collections.shuffle(order, new java.util.Random(seed));
          Edited edited = new SectionEditor(text, BOOK).write(1, order);
          edited
              .text()
              .ifPresent(now ->
                  assertEquals(
                      Dances.codes(now).stream().filter(it -> it.equals("foot-not-free")).toList(),
                      List.of(),
                      text + now));
        });
  }

  private static List<String> danced(Dance dance) {
    return dance.main().places().stream()
        .map(place ->
            place.at().label()
                + place.foot()
                + place.description()
                + place.facing()
                + place.after())
        .toList();
  }

  /** Whatever is offered can be danced: added to the section it makes no mistake. */
  @Test
  public void everyOfferCanBeDanced() {
    for (String foot : List.of("L", "R")) {
      String text = "title: O\nstart: weight " + foot + "\nsection 1\n1-2  hold x2\n";
      Possible there = Possible.at(Dances.dance(text), BOOK, text.length());
      assertEquals(there.weight().label(), foot);
      assertTrue(there.offers().size() > 100, "offers");
      for (Possible.Offer offer : there.offers()) {
        Edited edited =
            new SectionEditor(text, BOOK)
                .write(1, List.of(new Kept(0), new Kept(1), new Added(offer.text())));
        String now = edited.text().orElseThrow(() -> new AssertionError(offer + edited.refusal()));
        List<String> codes = new java.util.ArrayList<>(Dances.codes(now));
        codes.remove("end-weight");
        assertEquals(codes, List.of(), now);
        int counts = Dances.dance(now).counts();
        assertTrue(counts <= 8 && counts >= 2, now);
      }
    }
  }
}
