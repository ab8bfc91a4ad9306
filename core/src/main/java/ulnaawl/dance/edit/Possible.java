package ulnaawl.dance.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.FigureStep;
import ulnaawl.figure.Pattern;
import ulnaawl.figure.Rhythm;
import ulnaawl.figure.WeightEffect;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Weight;

/**
 * What can be danced at a place of the text: which foot is free there, how many counts are left in
 * the section, and the figures that begin with that foot and fit.
 *
 * @param section number of the section, 0 outside the sections
 * @param weight which foot carries the body there
 * @param nextCount the next whole count of the section, from 1
 * @param countsLeft whole counts left in the section, 0 or more
 * @param offers the easiest figures first
 */
public record Possible(
    int section, Weight weight, int nextCount, int countsLeft, List<Offer> offers) {

  public Possible {
    offers = List.copyOf(offers);
  }

  /**
   * A figure that can come next.
   *
   * @param text as step text: {@code vine R}
   * @param counts how long it usually lasts, in whole counts
   */
  public record Offer(Figure figure, String text, int counts) {}

  /** What can be danced after everything that ends at or before {@code offset} of the text. */
  public static Possible at(Dance dance, FigureBook book, int offset) {
    Section section = null;
    for (Section one : dance.sections()) {
      if (one.span().start() <= offset) {
        section = one;
      }
    }
    if (section == null) {
      return new Possible(0, dance.startWeight(), 1, 0, List.of());
    }
    Weight weight = section.startWeight();
    int next = 1;
    for (Place place : section.places()) {
      if (place.span().end() <= offset) {
        weight = place.after();
        next = Math.max(next, place.count().number() + 1);
      }
    }
    int left = Math.max(0, dance.headers().meter().sectionCounts() - next + 1);
    return new Possible(section.number(), weight, next, left, offers(book, weight, left));
  }

  private static List<Offer> offers(FigureBook book, Weight weight, int countsLeft) {
    List<Offer> offers = new ArrayList<>();
    for (Figure figure : book.figures()) {
      Pattern pattern = figure.patterns().getFirst();
      int counts = Rhythm.wholeCounts(pattern.rhythm());
      if (counts >= 1 && counts <= countsLeft) {
        text(figure, pattern, weight)
            .ifPresent(text -> offers.add(new Offer(figure, text, counts)));
      }
    }
    offers.sort(Comparator.comparing(offer -> offer.figure().level()));
    return offers;
  }

  private static Optional<String> text(Figure figure, Pattern pattern, Weight weight) {
    FigureStep first = pattern.steps().getFirst();
    if (first.mover() == FigureStep.Mover.NONE) {
      return Optional.of(figure.call());
    }
    Foot free = weight.freeFoot().orElse(Foot.RIGHT);
    Foot lead = first.action().effect() == WeightEffect.HOPS ? free.other() : free;
    return Optional.of(figure.call() + " " + lead.letter());
  }
}
