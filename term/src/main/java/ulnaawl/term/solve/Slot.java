package ulnaawl.term.solve;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.entity.PlanningPin;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import ai.timefold.solver.core.api.score.buildin.hardsoft.HardSoftScore;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import ulnaawl.figure.Level;
import ulnaawl.term.Course;
import ulnaawl.term.TermDance;
import ulnaawl.term.TermMatch;
import ulnaawl.term.TermRule;

/**
 * Room in the term of a group for one dance: a new one of many, or one that was begun or is known,
 * at one start of several. It may stay empty.
 */
@PlanningEntity
public class Slot {

  /** The name of its options, for the solver. */
  static final String OPTIONS = "options";

  private long id;
  private long group;
  private Course.Kind kind;
  private Optional<Level> level;
  private Optional<TermDance> dance;
  private boolean surplus;
  private Optional<Course> before;

  private boolean fixed;

  @ValueRangeProvider(id = OPTIONS)
  private List<Course> options;

  @PlanningVariable(allowsUnassigned = true, valueRangeProviderRefs = OPTIONS)
  private @Nullable Course course;

  /** For the solver, which copies it. */
  Slot() {
    this(
        0,
        0,
        Optional.empty(),
        Course.Kind.NEW,
        Optional.empty(),
        false,
        false,
        List.of(),
        Optional.empty());
  }

  /**
   * Room for a dance.
   *
   * @param level of the group
   * @param dance the dance, where it can be no other
   * @param surplus whether it is one more than the group takes
   * @param fixed whether what is in it stays
   * @param before what was in it until now
   */
  Slot(
      long id,
      long group,
      Optional<Level> level,
      Course.Kind kind,
      Optional<TermDance> dance,
      boolean surplus,
      boolean fixed,
      List<Course> options,
      Optional<Course> before) {
    this.id = id;
    this.group = group;
    this.level = level;
    this.kind = kind;
    this.dance = dance;
    this.surplus = surplus;
    this.fixed = fixed;
    this.options = options;
    this.before = before;
  }

  @PlanningId
  public long getId() {
    return id;
  }

  public long getGroup() {
    return group;
  }

  public Course.Kind getKind() {
    return kind;
  }

  boolean isSurplus() {
    return surplus;
  }

  public List<Course> getOptions() {
    return options;
  }

  Optional<Course> before() {
    return before;
  }

  Optional<TermDance> onlyDance() {
    return dance;
  }

  public @Nullable Course getCourse() {
    return course;
  }

  /** Puts something in, wherever it starts. */
  void put(Course in) {
    if (!options.contains(in)) {
      options = Stream.concat(options.stream(), Stream.of(in)).toList();
    }
    course = in;
  }

  public void setCourse(@Nullable Course course) {
    this.course = course;
  }

  /** What is in it; only for one that is not empty. */
  Course in() {
    return Objects.requireNonNull(course, "an empty slot");
  }

  boolean isEmpty() {
    return course == null;
  }

  /** The number of its dance; only for one that is not empty. */
  long danceIn() {
    return in().dance().id();
  }

  /** The class in which it starts; only for one that is not empty. */
  int startIn() {
    return in().start();
  }

  /** Levels above the group; less than 0 below it. Only for one that is not empty. */
  int above() {
    return level.map(it -> in().dance().facts().level().above(it)).orElse(0);
  }

  /** Something about its dance, where it starts. Only for one that is not empty. */
  TermMatch match(TermRule rule, int amount, HardSoftScore score) {
    return new TermMatch(
        rule, group, List.of(in().dance()), List.of(in().first()), amount, Priced.points(score));
  }

  /** Whether what is in it could be known within the term, if it started in time. */
  boolean couldBeKnown() {
    return kind == Course.Kind.NEW
        || (kind == Course.Kind.GO_ON && options.stream().anyMatch(it -> it.known().isPresent()));
  }

  /** How much it was changed: 1 where its dance starts at another time, 2 for another one. */
  int changes() {
    if (before.isEmpty() || Objects.equals(before.get(), course)) {
      return 0;
    }
    return !isEmpty() && danceIn() == before.get().dance().id() ? 1 : 2;
  }

  /** Whether it stays as it is. */
  @PlanningPin
  public boolean isFixed() {
    return fixed;
  }

  @Override
  public String toString() {
    return group + " " + kind + " " + id + ": " + course;
  }
}
