package ulnaawl.server.groups;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import ulnaawl.dance.lineage.SectionKeys;
import ulnaawl.figure.FigureBook;
import ulnaawl.learning.Evidence;
import ulnaawl.learning.LearningRecord;
import ulnaawl.learning.Standing;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.history.Change;
import ulnaawl.server.platform.NameReplaced;
import ulnaawl.teach.lesson.MetFigures;

/**
 * Where groups stand with every dance that ever was; read from the record, and remembered by group,
 * day and vocabulary until something is changed.
 */
@Component
public class Standings {

  private static final int REMEMBERED = 200;

  private final EvidenceStore evidence;
  private final DanceService dances;
  private final DanceReader reader;
  private final AtomicLong changes = new AtomicLong();
  private final Cache<Key, List<GroupDance>> known =
      Caffeine.newBuilder().maximumSize(REMEMBERED).build();

  Standings(EvidenceStore evidence, DanceService dances, DanceReader reader) {
    this.evidence = evidence;
    this.dances = dances;
    this.reader = reader;
  }

  private record Key(long group, LocalDate day, int vocabulary, long changes) {}

  /** A dance, read, and where one group stands with it. */
  public record GroupDance(DanceRow row, ReadDance dance, Standing standing) {}

  /** Anything that is changed may change what a group knows. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMPLETION, fallbackExecution = true)
  void changed(Change change) {
    changes.incrementAndGet();
  }

  /** What is remembered names whoever wrote it down. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMPLETION, fallbackExecution = true)
  void renamed(NameReplaced name) {
    changes.incrementAndGet();
  }

  /** All dances, archived ones too, as a group stands with them on a day. */
  public List<GroupDance> of(long group, LocalDate day) {
    FigureBook book = reader.book();
    Key key = new Key(group, day, System.identityHashCode(book), changes.get());
    List<GroupDance> remembered = known.getIfPresent(key);
    if (remembered == null) {
      remembered = read(group, day);
      // What was changed while it was read makes it stale: then nobody else is given it.
      if (key.changes() == changes.get()) {
        known.put(key, remembered);
      }
    }
    return remembered;
  }

  private List<GroupDance> read(long group, LocalDate day) {
    List<DanceRow> all = dances.allEver();
    Map<DanceVersion, SectionKeys> keys = dances.keys();
    Map<Long, List<EvidenceRow>> byDance = new HashMap<>();
    for (EvidenceRow row : evidence.of(group)) {
      byDance.computeIfAbsent(row.at().dance(), _ -> new ArrayList<>()).add(row);
    }
    return all.stream()
        .map(row -> {
          ReadDance read = reader.read(row.stepText());
          List<Evidence> happened =
              byDance.getOrDefault(row.id(), List.of()).stream()
                  .map(one -> one.read(keys.getOrDefault(one.at(), row.keys()), row.keys()))
                  .toList();
          return new GroupDance(row, read, LearningRecord.standing(happened, read.sections(), day));
        })
        .toList();
  }

  /** Names of the figures that a group has met in what it has been shown. */
  public static Set<String> figuresMet(List<GroupDance> dances) {
    Set<String> met = new HashSet<>();
    dances.forEach(one -> met.addAll(MetFigures.in(one.dance().dance(), one.standing().shown())));
    return met;
  }
}
