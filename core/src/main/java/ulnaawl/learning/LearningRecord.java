package ulnaawl.learning;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import lombok.AccessLevel;
import lombok.RequiredArgsConstructor;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Register.Presence;

/**
 * Reads a group's evidence for one dance. How well it is remembered, and when it should come back,
 * follows the published model of {@link Memory}, one repetition a day; closed weeks are time in
 * which it fades, not repetitions that were missed. The stage follows from what was done.
 */
@RequiredArgsConstructor(access = AccessLevel.PRIVATE)
public final class LearningRecord {

  /** The widest gap, in days. */
  public static final int WIDEST_GAP = 112;

  /** Remembered by less than this, in percent, a dance is rusty. Rule of thumb, no source. */
  static final int RUSTY = 80;

  /** A group changes: nothing stays longer than this many days of stability. Rule of thumb. */
  private static final double LONGEST = 280;

  /** Shown to fewer of today's regulars than this, in percent, it is only half taught. */
  static final int COVERED = 60;

  private static final int SUCCESSES_TO_KNOW = 2;

  private final int allSections;
  private final List<LearningReason> reasons = new ArrayList<>();
  private SectionSet shown = SectionSet.NONE;
  private boolean whole;
  private int successes;
  private boolean practised;
  private boolean known;

  /**
   * Where a group stands, when nobody keeps who comes and nobody says otherwise.
   *
   * @param evidence what happened, in any order
   * @param allSections sections of the dance as it is read now, 1 or more
   * @param today the day on which it is asked
   */
  public static Standing standing(List<Evidence> evidence, int allSections, LocalDate today) {
    return standing(evidence, allSections, today, Register.NOT_KEPT, Optional.empty());
  }

  /**
   * Where a group stands.
   *
   * @param register who came when
   * @param ruling what a person says against the record
   */
  public static Standing standing(
      List<Evidence> evidence,
      int allSections,
      LocalDate today,
      Register register,
      Optional<Ruling> ruling) {
    Standing byRecord =
        evidence.isEmpty()
            ? Standing.NOT_STARTED
            : new LearningRecord(allSections).read(evidence, today, register);
    return ruling.map(it -> ruled(byRecord, it)).orElse(byRecord);
  }

  private static Standing ruled(Standing record, Ruling ruling) {
    List<LearningReason> reasons = new ArrayList<>(record.reasons());
    reasons.add(new LearningReason.Ruled(ruling, record.stage()));
    boolean retired = ruling instanceof Ruling.Retires;
    Stage stage = ruling instanceof Ruling.StandsAt it ? it.stage() : Stage.RETIRED;
    return new Standing(
        stage,
        record.stage(),
        record.shown(),
        record.last(),
        retired ? Optional.empty() : record.due(),
        record.intervalDays(),
        record.strength(),
        record.coverage(),
        record.trouble(),
        Optional.of(ruling),
        reasons);
  }

  private Standing read(List<Evidence> evidence, LocalDate today, Register register) {
    NavigableMap<LocalDate, List<Evidence>> days =
        evidence.stream()
            .sorted(
                Comparator.comparing(Evidence::date)
                    .thenComparing(Evidence::happened)
                    .thenComparing(Evidence::outcome))
            .collect(Collectors.groupingBy(Evidence::date, TreeMap::new, Collectors.toList()));
    Optional<Memory> memory = Optional.empty();
    LocalDate before = days.firstKey();
    for (Map.Entry<LocalDate, List<Evidence>> day : days.entrySet()) {
      long waited = ChronoUnit.DAYS.between(before, day.getKey());
      // What was done last and most on an evening says how it went.
      Grade grade = Grade.of(day.getValue().getLast());
      int strength = memory.map(it -> percent(it.strength(waited))).orElse(0);
      Memory next = memory.map(it -> it.after(waited, grade)).orElseGet(() -> Memory.first(grade));
      memory = Optional.of(next.atMost(LONGEST));
      before = day.getKey();
      for (Evidence one : day.getValue()) {
        take(one);
        reasons.add(
            new LearningReason.Step(
                one.date(), one.happened(), one.sections(), one.outcome(), strength, gap(next)));
      }
    }
    Memory last = memory.orElseThrow();
    Evidence lastTime = days.lastEntry().getValue().getLast();
    int strength = percent(last.strength(Math.max(0, ChronoUnit.DAYS.between(before, today))));
    Optional<Presence> coverage = coverage(evidence, register, today);
    Stage stage = stage(lastTime, strength, coverage);
    return new Standing(
        stage,
        stage,
        shown,
        Optional.of(before),
        Optional.of(before.plusDays(shown.isWhole(allSections) ? gap(last) : 1)),
        gap(last),
        strength,
        coverage,
        trouble(evidence),
        Optional.empty(),
        reasons);
  }

  private static int gap(Memory memory) {
    return Math.min(WIDEST_GAP, memory.interval());
  }

  private static int percent(double share) {
    return (int) Math.round(100 * share);
  }

  private void take(Evidence one) {
    boolean practice = whole && one.happened().compareTo(Happened.WALKED) >= 0;
    shown = shown.with(one.sections());
    // A dance that was whole stays so where a section comes into its text later.
    whole |= one.happened().isWhole() || shown.isWhole(allSections);
    practised |= practice && one.outcome() != Outcome.LOST;
    if (practice && one.outcome() == Outcome.SOLID && one.happened() != Happened.WALKED) {
      successes++;
      known |= successes >= SUCCESSES_TO_KNOW || one.happened() == Happened.DANCED;
    }
    if (one.outcome() == Outcome.LOST) {
      successes = 0;
      known = false;
    }
  }

  /** The least of its sections: how many of today's regulars were there when it was shown. */
  private Optional<Presence> coverage(List<Evidence> evidence, Register register, LocalDate today) {
    return shown.numbers().stream()
        .flatMap(section ->
            register
                .presence(
                    evidence.stream()
                        .filter(one -> one.shows() && one.sections().contains(section))
                        .map(Evidence::date)
                        .toList(),
                    today)
                .stream())
        .min(Comparator.comparingInt(Presence::percent));
  }

  /**
   * Sections that went wrong the last time somebody said how they went; that an evening was solid
   * says so of all that was danced in it, but for what somebody said of a section that day.
   */
  private static SectionSet trouble(List<Evidence> evidence) {
    Map<Integer, Outcome> lastSaid = new TreeMap<>();
    evidence.stream()
        .sorted(Comparator.comparing(Evidence::date).thenComparing(one -> !one.spots().isEmpty()))
        .forEach(one -> {
          if (one.outcome() == Outcome.SOLID) {
            one.sections().numbers().forEach(it -> lastSaid.put(it, Outcome.SOLID));
          }
          lastSaid.putAll(one.spots());
        });
    return SectionSet.of(
        lastSaid.entrySet().stream()
            .filter(it -> it.getValue() != Outcome.SOLID)
            .map(Map.Entry::getKey)
            .toList());
  }

  private Stage stage(Evidence last, int strength, Optional<Presence> coverage) {
    if (!shown.isWhole(allSections)) {
      if (whole) {
        reasons.add(new LearningReason.NewSince(SectionSet.upTo(allSections).without(shown)));
      }
      return Stage.STARTED;
    }
    if (coverage.isPresent() && coverage.get().percent() < COVERED) {
      reasons.add(new LearningReason.FewWereThere(coverage.get(), COVERED));
      return Stage.STARTED;
    }
    if (strength < RUSTY) {
      reasons.add(new LearningReason.Faded(strength, RUSTY));
      return Stage.RUSTY;
    }
    if (practised && last.outcome() == Outcome.LOST) {
      reasons.add(new LearningReason.LostLastTime());
      return Stage.RUSTY;
    }
    if (known) {
      return Stage.KNOWN;
    }
    return practised ? Stage.PRACTISED : Stage.TAUGHT;
  }
}
