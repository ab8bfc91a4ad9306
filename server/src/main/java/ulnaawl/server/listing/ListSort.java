package ulnaawl.server.listing;

import java.util.Comparator;
import ulnaawl.music.Tempo;
import ulnaawl.server.dances.CatalogDance;

/** What a list of dances is sorted by; then by title. */
enum ListSort {
  TITLE((_, _) -> 0),
  /** The easiest first. */
  LEVEL(Comparator.comparing(it -> it.facts().level())),
  /** The shortest first. */
  COUNTS(Comparator.comparingInt(it -> it.facts().counts())),
  /** The slowest first; where it is not known, before all others. */
  SPEED(
      Comparator.comparingInt(it -> it.listing().countsPerMinute().map(Tempo::milliBpm).orElse(0)));

  private final Comparator<CatalogDance> order;

  ListSort(Comparator<CatalogDance> order) {
    this.order = order;
  }

  Comparator<CatalogDance> order() {
    return order;
  }
}
