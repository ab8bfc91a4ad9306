package ulnaawl.wall;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.music.Count;
import ulnaawl.notation.Phrase;
import ulnaawl.notation.Phrase.BridgePhrase;
import ulnaawl.notation.Phrase.EndingPhrase;
import ulnaawl.notation.Phrase.RepeatPhrase;
import ulnaawl.notation.Phrase.RestartPhrase;
import ulnaawl.notation.Stated;
import ulnaawl.text.SourceSpan;

/**
 * What the phrasing asks of one wall.
 *
 * @param danced counts of the part that are danced, before a restart or ending
 * @param inserts what is danced inside the wall, in order; an ending comes last
 * @param restart the restart, if there is one
 * @param ending the ending, if there is one
 * @param changed the changed places of the restart
 */
record WallPlan(
    int danced,
    List<Insert> inserts,
    Optional<RestartPhrase> restart,
    Optional<EndingPhrase> ending,
    List<Place> changed) {

  /** A bridge, a repeated section or an ending, after so many counts of the part. */
  record Insert(EventId id, int after, Stretch stretch) {}

  static WallPlan of(Dance dance, int wall, Passage part, boolean optional) {
    List<Insert> inserts = new ArrayList<>();
    Optional<RestartPhrase> restart = Optional.empty();
    Optional<EndingPhrase> ending = Optional.empty();
    for (Phrase phrase : dance.script().phrasing()) {
      switch (phrase) {
        case RestartPhrase found
            when (optional || !found.optional()) && on(found.walls(), wall) -> {
          if (found.after().value() >= 1 && found.after().value() < part.counts()) {
            restart = Optional.of(found);
          }
        }
        case EndingPhrase found when found.wall().value() == wall -> {
          if (found.after().value() <= part.counts()
              && dance.extra(found.ending().value()).isPresent()) {
            ending = Optional.of(found);
          }
        }
        case BridgePhrase found when on(found.walls(), wall) ->
            dance
                .extra(found.bridge().value())
                .filter(extra -> found.after().value() <= part.counts())
                .ifPresent(extra ->
                    inserts.add(
                        new Insert(
                            new EventId.Bridge(extra.name(), found.after().value()),
                            found.after().value(),
                            whole(
                                wall,
                                new EventId.Bridge(extra.name(), found.after().value()),
                                extra,
                                found.span()))));
        case RepeatPhrase found when on(found.walls(), wall) ->
            addRepeat(wall, part, found, inserts);
        default -> {
          // Tags come between walls, and the order above them.
        }
      }
    }
    int danced =
        Math.min(
            restart.map(found -> found.after().value()).orElse(part.counts()),
            ending.map(found -> found.after().value()).orElse(part.counts()));
    inserts.removeIf(insert -> insert.after() > danced);
    inserts.sort(Comparator.comparingInt(Insert::after));
    ending.ifPresent(found -> {
      Passage extra = dance.extra(found.ending().value()).orElseThrow();
      EventId id = new EventId.Ending(extra.name(), found.after().value());
      inserts.add(new Insert(id, found.after().value(), whole(wall, id, extra, found.span())));
    });
    List<Place> changed =
        restart.map(found -> dance.changes().getOrDefault(found, List.of())).orElse(List.of());
    return new WallPlan(danced, inserts, restart, ending, changed);
  }

  /** The places of counts {@code from + 1} to {@code to}, with the restart's step change. */
  List<Place> places(Passage part, int from, int to) {
    List<Place> written = part.between(from, Math.max(from, to));
    if (changed.isEmpty()) {
      return written;
    }
    int first = changed.getFirst().at().number();
    int last = changed.getLast().at().number();
    List<Place> result = new ArrayList<>();
    written.stream().filter(place -> place.at().number() < first).forEach(result::add);
    changed.stream()
        .filter(place -> place.at().compareTo(Count.of(from + 1)) >= 0)
        .filter(place -> place.at().number() <= to)
        .forEach(result::add);
    written.stream().filter(place -> place.at().number() > last).forEach(result::add);
    return result;
  }

  static Stretch whole(int wall, EventId id, Passage passage, SourceSpan cause) {
    return new Stretch(
        wall,
        Optional.of(id),
        passage.counts(),
        passage.startWeight(),
        passage.endWeight(),
        passage.places(),
        0,
        cause);
  }

  private static boolean on(List<Stated<Integer>> walls, int wall) {
    for (Stated<Integer> stated : walls) {
      if (stated.value() == wall) {
        return true;
      }
    }
    return false;
  }

  private static void addRepeat(int wall, Passage part, RepeatPhrase repeat, List<Insert> inserts) {
    List<Section> again =
        part.sections().stream()
            .filter(section -> section.number() >= repeat.first().value())
            .filter(section -> section.number() <= repeat.last().value())
            .toList();
    if (again.isEmpty()) {
      return;
    }
    Section first = again.getFirst();
    Section last = again.getLast();
    EventId id = new EventId.Repeat(first.number(), last.number());
    Stretch stretch =
        new Stretch(
            wall,
            Optional.of(id),
            last.end() - first.start(),
            first.startWeight(),
            last.endWeight(),
            again.stream().flatMap(section -> section.places().stream()).toList(),
            first.start(),
            repeat.span());
    for (int time = 1; time < repeat.times(); time++) {
      inserts.add(new Insert(id, last.end(), stretch));
    }
  }
}
