package ulnaawl.learning;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Reads a group's evidence for one dance. The model is spaced repetition with widening intervals
 * (Leitner's boxes, from memory): come back after a short gap, double it after a success, halve it
 * after a shaky evening, begin again after a lost one.
 */
public final class LearningRecord {

  /** The gap after a first teach, in days: the next weekly class. */
  public static final int FIRST_GAP = 7;

  /** The widest gap, in days. */
  public static final int WIDEST_GAP = 112;

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);
  private static final int SUCCESSES_TO_KNOW = 2;

  private final int allSections;
  private final List<String> reasons = new ArrayList<>();
  private int sections;
  private int interval;
  private int successes;
  private boolean practised;
  private boolean known;

  private LearningRecord(int allSections) {
    this.allSections = allSections;
  }

  /**
   * Where a group stands.
   *
   * @param evidence what happened, in any order
   * @param allSections sections of the dance, 1 or more
   * @param today the day on which it is asked
   */
  public static Standing standing(List<Evidence> evidence, int allSections, LocalDate today) {
    return new LearningRecord(allSections).read(evidence, today);
  }

  private Standing read(List<Evidence> evidence, LocalDate today) {
    List<Evidence> ordered =
        evidence.stream()
            .sorted(Comparator.comparing(Evidence::date).thenComparing(Evidence::happened))
            .toList();
    if (ordered.isEmpty()) {
      return new Standing(
          Stage.NOT_STARTED,
          0,
          Optional.empty(),
          Optional.empty(),
          0,
          List.of("Nothing has been taught of it."));
    }
    Optional<LocalDate> before = Optional.empty();
    for (Evidence one : ordered) {
      take(one, before);
      before = Optional.of(one.date());
    }
    Evidence last = ordered.getLast();
    LocalDate due = last.date().plusDays(interval);
    return new Standing(
        stage(last, due, today),
        sections,
        Optional.of(last.date()),
        Optional.of(due),
        interval,
        reasons);
  }

  private void take(Evidence one, Optional<LocalDate> before) {
    boolean wasWhole = isWhole();
    sections =
        one.happened() == Happened.INTRODUCED
            ? Math.max(sections, Math.min(one.sections(), allSections))
            : allSections;
    boolean practice = wasWhole && one.happened().compareTo(Happened.WALKED) >= 0;
    practised |= practice && one.outcome() != Outcome.LOST;
    int old = interval;
    if (!practice || interval == 0) {
      interval = FIRST_GAP;
    } else {
      long waited = before.map(day -> ChronoUnit.DAYS.between(day, one.date())).orElse(0L);
      interval = widened(one.outcome(), waited);
    }
    if (practice && one.outcome() == Outcome.SOLID && one.happened() != Happened.WALKED) {
      successes++;
      known |= successes >= SUCCESSES_TO_KNOW || one.happened() == Happened.DANCED;
    }
    if (one.outcome() == Outcome.LOST) {
      successes = 0;
      known = false;
    }
    reasons.add(
        DAY.format(one.date())
            + ": "
            + one.happened().label()
            + (one.happened() == Happened.INTRODUCED ? " to section " + one.sections() : "")
            + ", "
            + one.outcome().label()
            + (old == 0 || old == interval
                ? "; come back after " + interval + " days"
                : "; gap from " + old + " to " + interval + " days"));
  }

  private int widened(Outcome outcome, long waited) {
    return switch (outcome) {
      // Danced again the same week proves little: the gap widens only after half of it has passed.
      case SOLID -> waited * 2 >= interval ? Math.min(WIDEST_GAP, interval * 2) : interval;
      case SHAKY -> Math.max(FIRST_GAP, interval / 2);
      case LOST -> FIRST_GAP;
    };
  }

  private boolean isWhole() {
    return sections >= allSections;
  }

  private Stage stage(Evidence last, LocalDate due, LocalDate today) {
    if (!isWhole()) {
      return Stage.STARTED;
    }
    boolean stale = today.isAfter(due.plusDays(interval));
    if (stale || (practised && last.outcome() == Outcome.LOST)) {
      reasons.add(
          stale
              ? "Not danced for more than twice its gap of " + interval + " days"
              : "Lost last time");
      return Stage.RUSTY;
    }
    if (known) {
      return Stage.KNOWN;
    }
    return practised ? Stage.PRACTISED : Stage.TAUGHT;
  }
}
