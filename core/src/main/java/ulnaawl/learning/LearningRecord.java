package ulnaawl.learning;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ulnaawl.dance.SectionSet;

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

  private static final int SUCCESSES_TO_KNOW = 2;

  private final int allSections;
  private final List<LearningReason> reasons = new ArrayList<>();
  private SectionSet shown = SectionSet.NONE;
  private boolean whole;
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
   * @param allSections sections of the dance as it is read now, 1 or more
   * @param today the day on which it is asked
   */
  public static Standing standing(List<Evidence> evidence, int allSections, LocalDate today) {
    return evidence.isEmpty()
        ? Standing.NOT_STARTED
        : new LearningRecord(allSections).read(evidence, today);
  }

  private Standing read(List<Evidence> evidence, LocalDate today) {
    List<Evidence> ordered =
        evidence.stream()
            .sorted(Comparator.comparing(Evidence::date).thenComparing(Evidence::happened))
            .toList();
    Optional<LocalDate> before = Optional.empty();
    for (Evidence one : ordered) {
      take(one, before);
      before = Optional.of(one.date());
    }
    Evidence last = ordered.getLast();
    LocalDate due = last.date().plusDays(interval);
    return new Standing(
        stage(last, due, today),
        shown,
        Optional.of(last.date()),
        Optional.of(due),
        interval,
        reasons);
  }

  private void take(Evidence one, Optional<LocalDate> before) {
    boolean practice = whole && one.happened().compareTo(Happened.WALKED) >= 0;
    shown = shown.with(one.sections());
    // A dance that was whole stays so where a section comes into its text later.
    whole |= one.happened().isWhole() || shown.isWhole(allSections);
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
        new LearningReason.Step(
            one.date(), one.happened(), one.sections(), one.outcome(), old, interval));
  }

  private int widened(Outcome outcome, long waited) {
    return switch (outcome) {
      // Danced again the same week proves little: the gap widens only after half of it has passed.
      case SOLID -> waited * 2 >= interval ? Math.min(WIDEST_GAP, interval * 2) : interval;
      case SHAKY -> Math.max(FIRST_GAP, interval / 2);
      case LOST -> FIRST_GAP;
    };
  }

  private Stage stage(Evidence last, LocalDate due, LocalDate today) {
    if (!shown.isWhole(allSections)) {
      if (whole) {
        reasons.add(new LearningReason.NewSince(SectionSet.upTo(allSections).without(shown)));
      }
      return Stage.STARTED;
    }
    boolean stale = today.isAfter(due.plusDays(interval));
    if (stale || (practised && last.outcome() == Outcome.LOST)) {
      reasons.add(stale ? new LearningReason.Stale(interval) : new LearningReason.LostLastTime());
      return Stage.RUSTY;
    }
    if (known) {
      return Stage.KNOWN;
    }
    return practised ? Stage.PRACTISED : Stage.TAUGHT;
  }
}
