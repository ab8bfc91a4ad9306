package ulnaawl.dance.compile;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.figure.Pattern;
import ulnaawl.notation.Item;
import ulnaawl.notation.StepLine;

/** Chooses among the ways of dancing a line's figures by the places that the line has. */
final class Rhythms {

  private static final int MOST_TRIES = 64;

  private Rhythms() {}

  /** One way of dancing each item; the usual ones unless others fill the places exactly. */
  static List<Pattern> choose(StepLine line) {
    List<Item> items = line.items();
    List<List<Pattern>> ways = new ArrayList<>(items.size());
    List<Pattern> usual = new ArrayList<>(items.size());
    int combinations = 1;
    for (Item item : items) {
      List<Pattern> way = item.figure().danced(item.direction());
      ways.add(way);
      usual.add(way.getFirst());
      combinations = Math.min(MOST_TRIES, combinations * way.size());
    }
    List<Pattern> chosen = usual;
    for (int choice = 0; choice < combinations; choice++) {
      if (choice > 0) {
        chosen = choice(ways, choice);
      }
      if (places(items, chosen) == line.counts().size()) {
        return chosen;
      }
    }
    return usual;
  }

  private static List<Pattern> choice(List<List<Pattern>> ways, int number) {
    List<Pattern> chosen = new ArrayList<>(ways.size());
    int rest = number;
    for (List<Pattern> way : ways) {
      chosen.add(way.get(rest % way.size()));
      rest /= way.size();
    }
    return chosen;
  }

  private static int places(List<Item> items, List<Pattern> patterns) {
    int places = 0;
    for (int i = 0; i < items.size(); i++) {
      Item item = items.get(i);
      places += patterns.get(i).places() * item.instances();
    }
    return places;
  }
}
