package ulnaawl.server.dances;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import ulnaawl.dance.lineage.SectionKeys;
import ulnaawl.server.history.Changes;
import ulnaawl.server.vocabulary.Vocabulary;
import ulnaawl.server.vocabulary.VocabularyService;

/**
 * All dances that ever were, read once and small. After any change it is looked which of them have
 * another version, and only these are read again; all, where the vocabulary is another one.
 */
@Component
@RequiredArgsConstructor
public class Catalog {

  private static final Logger LOG = LoggerFactory.getLogger(Catalog.class);

  private static final Comparator<CatalogDance> BY_TITLE =
      Comparator.comparing((CatalogDance it) -> it.row().title())
          .thenComparingLong(CatalogDance::id);

  private final DanceStore store;
  private final DanceReader reader;
  private final VocabularyService vocabulary;
  private final Changes changes;
  private Optional<Snapshot> last = Optional.empty();

  /**
   * All dances at one moment.
   *
   * @param asOf the number of changes that are in it; there may be more
   * @param allEver by title, archived ones too
   * @param keys which section is which, for every version of every dance
   */
  public record Snapshot(
      long asOf,
      Vocabulary vocabulary,
      List<CatalogDance> allEver,
      Map<DanceVersion, SectionKeys> keys) {
    /** Those that are in sight. */
    public List<CatalogDance> all() {
      return allEver.stream().filter(it -> !it.archived()).toList();
    }
  }

  /** What each dance asks of the body, by its number. */
  public Map<Long, Integer> efforts() {
    return now().allEver().stream()
        .collect(Collectors.toMap(CatalogDance::id, it -> it.facts().effort()));
  }

  /** The dances as they are now. */
  public synchronized Snapshot now() {
    long asOf = changes.soFar();
    Vocabulary words = vocabulary.now();
    Optional<Snapshot> fitting = last.filter(it -> it.vocabulary().number() == words.number());
    Snapshot now =
        fitting
            .filter(it -> it.asOf() == asOf)
            .orElseGet(
                () -> fitting.map(it -> reread(it, asOf)).orElseGet(() -> readAll(words, asOf)));
    last = Optional.of(now);
    return now;
  }

  private Snapshot readAll(Vocabulary words, long asOf) {
    List<CatalogDance> all =
        store.allEver().parallelStream()
            .map(row -> CatalogDance.of(row, reader.readOnce(row.stepText())))
            .sorted(BY_TITLE)
            .toList();
    return new Snapshot(asOf, words, all, Map.copyOf(store.keys()));
  }

  private Snapshot reread(Snapshot before, long asOf) {
    Map<Long, CatalogDance> known =
        before.allEver().stream().collect(Collectors.toMap(CatalogDance::id, Function.identity()));
    List<CatalogDance> all = new ArrayList<>();
    Map<DanceVersion, SectionKeys> keys = new HashMap<>(before.keys());
    for (DanceState state : store.states()) {
      Optional<CatalogDance> as = Optional.ofNullable(known.get(state.at().dance()));
      if (as.isPresent() && as.get().state().equals(state)) {
        all.add(as.get());
      } else {
        long id = state.at().dance();
        store.find(id).ifPresent(row -> all.add(CatalogDance.of(row, reader.read(row.stepText()))));
        keys.putAll(store.keys(id));
      }
    }
    all.sort(BY_TITLE);
    return new Snapshot(asOf, before.vocabulary(), List.copyOf(all), Map.copyOf(keys));
  }

  /** Reads all dances while nobody waits for them yet. */
  @EventListener(ApplicationReadyEvent.class)
  void warmUp() {
    Thread.ofPlatform()
        .daemon()
        .name("catalog")
        .start(() -> {
          try {
            now();
          } catch (RuntimeException stopping) {
            // Whoever asks for the dances will hear why they cannot be read.
            LOG.debug("The dances could not be read ahead", stopping);
          }
        });
  }
}
