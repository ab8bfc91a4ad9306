package ulnaawl.learning;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;

/**
 * Who came when, and how much of a dance the group of today was there for. Regulars are those who
 * came to at least half of the last six classes; where only heads are counted, the middle of the
 * last six. Rules of thumb, no source.
 */
public final class Register {

  /** Nothing was kept: nothing is known of who missed what. */
  public static final Register NOT_KEPT = new Register(Map.of());

  private static final int LAST = 6;

  private final NavigableMap<LocalDate, Attendance> byDate;

  /** Attendance by the day of the class. */
  public Register(Map<LocalDate, Attendance> byDate) {
    this.byDate = new TreeMap<>(byDate);
  }

  /** The classes up to a day, the last ones first. */
  private List<Attendance> last(LocalDate today) {
    return byDate.headMap(today, true).descendingMap().values().stream().limit(LAST).toList();
  }

  /** The dancers who come regularly by a day; none where no names are kept. */
  public Set<Long> regulars(LocalDate today) {
    List<Attendance> named =
        last(today).stream().filter(Attendance.ByName.class::isInstance).toList();
    Map<Long, Integer> came = new HashMap<>();
    for (Attendance one : named) {
      if (one instanceof Attendance.ByName it) {
        it.there().forEach(dancer -> came.merge(dancer, 1, Integer::sum));
      }
    }
    Set<Long> regulars = new HashSet<>();
    came.forEach((dancer, times) -> {
      if (2 * times >= named.size()) {
        regulars.add(dancer);
      }
    });
    return regulars;
  }

  private OptionalInt heads(LocalDate today) {
    int[] heads = last(today).stream().mapToInt(Attendance::heads).sorted().toArray();
    return heads.length == 0 ? OptionalInt.empty() : OptionalInt.of(heads[heads.length / 2]);
  }

  /**
   * How many of today's regulars were there on at least one of some days.
   *
   * @return empty where nothing was kept on any of them
   */
  public Optional<Presence> presence(Collection<LocalDate> days, LocalDate today) {
    List<Attendance> kept =
        days.stream().distinct().filter(byDate::containsKey).map(byDate::get).toList();
    if (kept.isEmpty()) {
      return Optional.empty();
    }
    Set<Long> regulars = regulars(today);
    boolean named = kept.stream().allMatch(Attendance.ByName.class::isInstance);
    if (named && !regulars.isEmpty()) {
      Set<Long> there = new HashSet<>();
      for (Attendance one : kept) {
        if (one instanceof Attendance.ByName it) {
          there.addAll(it.there());
        }
      }
      there.retainAll(regulars);
      return Optional.of(new Presence(there.size(), regulars.size()));
    }
    int most = kept.stream().mapToInt(Attendance::heads).max().orElse(0);
    int usual = heads(today).orElse(most);
    return usual == 0 ? Optional.empty() : Optional.of(new Presence(Math.min(most, usual), usual));
  }

  /**
   * So many of so many.
   *
   * @param there 0 to {@code of}
   * @param of 1 or more
   */
  public record Presence(int there, int of) {

    public Presence {
      if (of < 1 || there < 0 || there > of) {
        throw new IllegalArgumentException(there + " of " + of);
      }
    }

    /** In whole percent, rounded down. */
    public int percent() {
      return there * 100 / of;
    }
  }
}
