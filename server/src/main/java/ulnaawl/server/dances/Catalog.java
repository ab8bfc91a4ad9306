package ulnaawl.server.dances;

import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import ulnaawl.dance.lineage.SectionKeys;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.NameReplaced;
import ulnaawl.server.vocabulary.Vocabulary;
import ulnaawl.server.vocabulary.VocabularyService;

/**
 * All dances that ever were, read once and small. What is changed is read again after the change is
 * on the disk; everything, where the vocabulary is another one.
 */
@Component
public class Catalog {

  private static final Logger LOG = LoggerFactory.getLogger(Catalog.class);

  private static final Comparator<CatalogDance> BY_TITLE =
      Comparator.comparing((CatalogDance it) -> it.row().title())
          .thenComparingLong(CatalogDance::id);

  private final DanceStore store;
  private final DanceReader reader;
  private final VocabularyService vocabulary;
  private final Set<Long> changed = ConcurrentHashMap.newKeySet();
  private Optional<Snapshot> last = Optional.empty();

  Catalog(DanceStore store, DanceReader reader, VocabularyService vocabulary) {
    this.store = store;
    this.reader = reader;
    this.vocabulary = vocabulary;
  }

  /**
   * All dances at one moment.
   *
   * @param allEver by title, archived ones too
   * @param keys which section is which, for every version of every dance
   */
  public record Snapshot(
      Vocabulary vocabulary, List<CatalogDance> allEver, Map<DanceVersion, SectionKeys> keys) {
    /** Those that are in sight. */
    public List<CatalogDance> all() {
      return allEver.stream().filter(it -> !it.archived()).toList();
    }
  }

  /** The dances as they are now. */
  public synchronized Snapshot now() {
    Vocabulary words = vocabulary.now();
    boolean fits = last.isPresent() && last.get().vocabulary().equals(words);
    if (!fits) {
      changed.clear();
      last = Optional.of(load(words, Map.of()));
    } else if (!changed.isEmpty()) {
      last = Optional.of(reload(last.get()));
    }
    return last.orElseThrow();
  }

  private Snapshot load(Vocabulary words, Map<DanceVersion, CatalogDance> known) {
    List<CatalogDance> all =
        store.allEver().parallelStream()
            .map(row ->
                Optional.ofNullable(known.get(row.at()))
                    .map(it -> it.with(row))
                    .orElseGet(() -> CatalogDance.of(row, reader.readOnce(row.stepText()))))
            .sorted(BY_TITLE)
            .toList();
    return new Snapshot(words, all, Map.copyOf(store.keys()));
  }

  /** Reads those that were changed again; where names were, all rows, but no text. */
  private Snapshot reload(Snapshot before) {
    Set<Long> taken = new HashSet<>(changed);
    changed.removeAll(taken);
    if (taken.contains(ALL)) {
      return load(
          before.vocabulary(),
          before.allEver().stream()
              .collect(Collectors.toMap(it -> it.row().at(), Function.identity())));
    }
    Map<Long, CatalogDance> byId =
        before.allEver().stream().collect(Collectors.toMap(CatalogDance::id, Function.identity()));
    Map<DanceVersion, SectionKeys> keys = new HashMap<>(before.keys());
    for (long id : taken) {
      byId.remove(id);
      store
          .find(id)
          .ifPresent(row -> byId.put(id, CatalogDance.of(row, reader.read(row.stepText()))));
      keys.putAll(store.keys(id));
    }
    return new Snapshot(
        before.vocabulary(), byId.values().stream().sorted(BY_TITLE).toList(), Map.copyOf(keys));
  }

  /** Stands for all dances among those that were changed. */
  private static final long ALL = 0;

  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMPLETION, fallbackExecution = true)
  void changed(Change change) {
    if (change.thing() == Thing.DANCE) {
      changed.add(change.id());
    }
  }

  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMPLETION, fallbackExecution = true)
  void renamed(NameReplaced name) {
    changed.add(ALL);
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
