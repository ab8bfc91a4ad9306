package ulnaawl.plan.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ulnaawl.plan.solve.Block.Role;

/**
 * All ways through a class. A state is a minute, how far the class has come, the breaks it has had,
 * and style and speed of what was danced last; states are numbered in the order of time, the first
 * is 0. A way leads from a state to a later one by any block of a family.
 */
final class Graph {

  private final Rules rules;
  private final List<Family> families = new ArrayList<>();
  private final Map<Integer, Integer> locked = new HashMap<>();

  /** What went before: nothing, minutes in hand, or style and speed, each pair once. */
  private final List<Block> lasts = new ArrayList<>();

  private static final int NOTHING = 0;
  private static final int IN_HAND = 1;

  private final int[] lastOf;
  private final boolean known;
  private final boolean again;

  private final int pauses;
  private int[] atOf = new int[0];
  private boolean[] over = new boolean[0];
  private int[] firstWay = new int[0];
  private int[] familyOf = new int[0];
  private int[] to = new int[0];

  Graph(List<Block> blocks, Rules rules) {
    this.rules = rules;
    this.known = blocks.stream().anyMatch(it -> it.role() == Role.DANCE);
    this.again = !rules.gentle();
    this.pauses = rules.pauses().size();
    families.addAll(Family.of(blocks));
    rules
        .locked()
        .forEach((at, block) -> {
          locked.put(at, families.size());
          families.add(Family.alone(block));
        });
    lasts.add(Block.without(Role.BREAK, 1, 0));
    lasts.add(Block.without(Role.FREE, 1, 0));
    this.lastOf = new int[families.size()];
    for (int family = 0; family < lastOf.length; family++) {
      lastOf[family] = last(families.get(family).like());
    }
    build();
  }

  private int last(Block like) {
    if (like.style() == Block.NO_STYLE) {
      return like.role() == Role.FREE ? IN_HAND : NOTHING;
    }
    for (int i = IN_HAND + 1; i < lasts.size(); i++) {
      if (lasts.get(i).style() == like.style() && lasts.get(i).speed() == like.speed()) {
        return i;
      }
    }
    lasts.add(like);
    return lasts.size() - 1;
  }

  private int code(int at, Course course, int had, int last) {
    return ((at * Course.values().length + course.ordinal()) * (most() + 1) + had) * lasts.size()
        + last;
  }

  /** The most breaks that a class may have: somebody may have put in some more. */
  private int most() {
    return pauses + rules.locked().size();
  }

  private void build() {
    int all = code(rules.minutes() + 1, Course.BEGIN, 0, 0);
    int[] numbers = new int[all];
    Arrays.fill(numbers, -1);
    boolean[] reached = new boolean[all];
    reached[0] = true;
    Ways ways = new Ways();
    Course[] courses = Course.values();
    List<Integer> ats = new ArrayList<>();
    List<Boolean> overs = new ArrayList<>();
    List<Integer> firsts = new ArrayList<>();
    for (int code = 0; code < all; code++) {
      if (!reached[code]) {
        continue;
      }
      int last = code % lasts.size();
      int had = code / lasts.size() % (most() + 1);
      Course course = courses[code / lasts.size() / (most() + 1) % courses.length];
      int at = code / lasts.size() / (most() + 1) / courses.length;
      numbers[code] = ats.size();
      ats.add(at);
      overs.add(course == Course.OVER && had >= pauses);
      firsts.add(ways.size);
      if (course != Course.OVER) {
        from(at, course, had, last, ways, reached);
      }
    }
    firsts.add(ways.size);
    atOf = ats.stream().mapToInt(it -> it).toArray();
    firstWay = firsts.stream().mapToInt(it -> it).toArray();
    over = new boolean[overs.size()];
    for (int i = 0; i < over.length; i++) {
      over[i] = overs.get(i);
    }
    familyOf = Arrays.copyOf(ways.family, ways.size);
    to = new int[ways.size];
    for (int i = 0; i < to.length; i++) {
      to[i] = numbers[ways.to[i]];
    }
  }

  /** Ways as they are found, to states by code. */
  private static final class Ways {
    private int[] family = new int[1024];
    private int[] to = new int[1024];
    private int size;

    void add(int own, int code) {
      if (size == to.length) {
        family = Arrays.copyOf(family, 2 * size);
        to = Arrays.copyOf(to, 2 * size);
      }
      family[size] = own;
      to[size] = code;
      size++;
    }
  }

  private void from(int at, Course course, int had, int last, Ways ways, boolean[] reached) {
    Optional<Integer> stays = Optional.ofNullable(locked.get(at));
    if (stays.isPresent()) {
      Role role = families.get(stays.get()).like().role();
      lead(at, forced(course, role), had, stays.get(), ways, reached);
      return;
    }
    for (int family = 0; family < families.size() - locked.size(); family++) {
      Block like = families.get(family).like();
      int own = family;
      boolean fits =
          (last != IN_HAND || endsMinutesInHand(like.role()))
              && rules.mayFollow(lasts.get(last), like);
      if (fits && rules.leavesRoom(at, at + like.minutes())) {
        course
            .after(like.role(), known, again)
            .filter(_ -> like.role() != Role.BREAK || isPause(at, had))
            .ifPresent(next -> lead(at, next, had, own, ways, reached));
      }
    }
  }

  /** Minutes in hand come before a break or the finish, not here and there. */
  private static boolean endsMinutesInHand(Role role) {
    return role == Role.FREE || role == Role.BREAK || role == Role.FINISH;
  }

  /** What stays stands where it stands: the course follows it. */
  private Course forced(Course course, Role role) {
    return course
        .after(role, known, again)
        .orElseGet(() ->
            switch (role) {
              case WARM_UP -> Course.WARM;
              case DANCE -> Course.DANCED_SINCE;
              case TEACH -> Course.TAUGHT_ENOUGH;
              case FINISH -> Course.FINISHED;
              case COOL_DOWN -> Course.OVER;
              case BREAK, FREE -> course;
            });
  }

  private void lead(int at, Course course, int had, int family, Ways ways, boolean[] reached) {
    Block like = families.get(family).like();
    int end = at + like.minutes();
    int paused = had + (like.role() == Role.BREAK ? 1 : 0);
    boolean inTime =
        paused >= pauses || end <= rules.pauses().get(paused).to() || locked.containsKey(at);
    if (end > rules.minutes() || !inTime || (end == rules.minutes()) != (course == Course.OVER)) {
      return;
    }
    int code = code(end, course, paused, lastOf[family]);
    reached[code] = true;
    ways.add(family, code);
  }

  private boolean isPause(int at, int had) {
    if (had >= pauses) {
      return false;
    }
    Rules.Window window = rules.pauses().get(had);
    return at >= window.from() && at <= window.to();
  }

  List<Family> families() {
    return families;
  }

  int states() {
    return atOf.length;
  }

  int at(int state) {
    return atOf[state];
  }

  boolean isOver(int state) {
    return over[state];
  }

  /** Number of the first way from a state; those of the next state follow its own. */
  int firstWay(int state) {
    return firstWay[state];
  }

  int family(int way) {
    return familyOf[way];
  }

  int to(int way) {
    return to[way];
  }
}
