package ulnaawl.plan.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ulnaawl.plan.solve.ClassBlock.Role;

/**
 * All ways through a class. A hub is a minute, how far the class has come, and the breaks it has
 * had; a state is a hub with what was danced last, by style and speed. Hubs are numbered in the
 * order of time. A way leads from a hub to a later state by any block of a family; from which
 * states of the hub it may be taken is the same for all ways of one group.
 */
final class Graph {

  private static final int NOTHING = 0;
  private static final int IN_HAND = 1;

  private final Rules rules;
  private final List<Family> families = new ArrayList<>();
  private final Map<Integer, Integer> locked = new HashMap<>();

  /** What went before: nothing, minutes in hand, or style and speed, each pair once. */
  private final List<ClassBlock> lasts = new ArrayList<>();

  private final int[] lastOf;
  private final int[] groupOf;
  private final boolean[][] allowed;
  private final boolean known;
  private final boolean again;
  private final int pauses;

  private int[] atOf = new int[0];
  private boolean[] over = new boolean[0];
  private boolean[] forced = new boolean[0];
  private int[] firstWay = new int[0];
  private int[] familyOf = new int[0];
  private int[] to = new int[0];

  Graph(List<ClassBlock> blocks, Rules rules) {
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
    lasts.add(ClassBlock.without(Role.BREAK, 1, 0));
    lasts.add(ClassBlock.without(Role.FREE, 1, 0));
    this.lastOf = new int[families.size()];
    this.groupOf = new int[families.size()];
    List<ClassBlock> groups = new ArrayList<>();
    for (int family = 0; family < lastOf.length; family++) {
      ClassBlock like = families.get(family).like();
      lastOf[family] = last(like);
      groupOf[family] = group(like, groups);
    }
    this.allowed = new boolean[lasts.size()][groups.size()];
    for (int last = 0; last < lasts.size(); last++) {
      for (int group = 0; group < groups.size(); group++) {
        ClassBlock like = groups.get(group);
        allowed[last][group] =
            (last != IN_HAND || endsMinutesInHand(like.role()))
                && rules.mayFollow(lasts.get(last), like);
      }
    }
    build();
  }

  private int last(ClassBlock like) {
    if (like.style() == ClassBlock.NO_STYLE) {
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

  /** Families of one group may follow the same: of one style and speed, and ending a rest alike. */
  private static int group(ClassBlock like, List<ClassBlock> groups) {
    for (int i = 0; i < groups.size(); i++) {
      ClassBlock other = groups.get(i);
      if (other.style() == like.style()
          && other.speed() == like.speed()
          && endsMinutesInHand(other.role()) == endsMinutesInHand(like.role())) {
        return i;
      }
    }
    groups.add(like);
    return groups.size() - 1;
  }

  private int code(int at, ClassProgress course, int had) {
    return (at * ClassProgress.values().length + course.ordinal()) * (most() + 1) + had;
  }

  /** The most breaks that a class may have: somebody may have put in some more. */
  private int most() {
    return pauses + rules.locked().size();
  }

  /** Ways as they are found, to hubs by code. */
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

  private void build() {
    int all = code(rules.minutes() + 1, ClassProgress.BEGIN, 0);
    int[] numbers = new int[all];
    boolean[] reached = new boolean[all];
    reached[0] = true;
    Ways ways = new Ways();
    ClassProgress[] courses = ClassProgress.values();
    int hubs = 0;
    atOf = new int[all];
    over = new boolean[all];
    forced = new boolean[all];
    firstWay = new int[all + 1];
    for (int code = 0; code < all; code++) {
      if (!reached[code]) {
        continue;
      }
      int had = code % (most() + 1);
      ClassProgress course = courses[code / (most() + 1) % courses.length];
      int at = code / (most() + 1) / courses.length;
      numbers[code] = hubs;
      atOf[hubs] = at;
      over[hubs] = course == ClassProgress.OVER && had >= pauses;
      forced[hubs] = locked.containsKey(at);
      firstWay[hubs] = ways.size;
      if (course != ClassProgress.OVER) {
        from(at, course, had, ways, reached);
      }
      hubs++;
    }
    firstWay[hubs] = ways.size;
    atOf = Arrays.copyOf(atOf, hubs);
    familyOf = Arrays.copyOf(ways.family, ways.size);
    to = new int[ways.size];
    for (int way = 0; way < to.length; way++) {
      to[way] = state(numbers[ways.to[way]], lastOf[familyOf[way]]);
    }
  }

  private void from(int at, ClassProgress course, int had, Ways ways, boolean[] reached) {
    Optional<Integer> stays = Optional.ofNullable(locked.get(at));
    if (stays.isPresent()) {
      Role role = families.get(stays.get()).like().role();
      lead(at, forced(course, role), had, stays.get(), ways, reached);
      return;
    }
    for (int family = 0; family < families.size() - locked.size(); family++) {
      ClassBlock like = families.get(family).like();
      int own = family;
      if (rules.leavesRoom(at, at + like.minutes())) {
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
  private ClassProgress forced(ClassProgress course, Role role) {
    return course
        .after(role, known, again)
        .orElseGet(() ->
            switch (role) {
              case WARM_UP -> ClassProgress.WARM;
              case DANCE -> ClassProgress.DANCED_SINCE;
              case TEACH -> ClassProgress.TAUGHT_ENOUGH;
              case FINISH -> ClassProgress.FINISHED;
              case COOL_DOWN -> ClassProgress.OVER;
              case BREAK, FREE -> course;
            });
  }

  private void lead(
      int at, ClassProgress course, int had, int family, Ways ways, boolean[] reached) {
    ClassBlock like = families.get(family).like();
    int end = at + like.minutes();
    int paused = had + (like.role() == Role.BREAK ? 1 : 0);
    boolean inTime =
        paused >= pauses || end <= rules.pauses().get(paused).to() || locked.containsKey(at);
    if (end > rules.minutes()
        || !inTime
        || (end == rules.minutes()) != (course == ClassProgress.OVER)) {
      return;
    }
    int code = code(end, course, paused);
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

  int hubs() {
    return atOf.length;
  }

  /** How many different things may have been danced last. */
  int lasts() {
    return lasts.size();
  }

  /** How many groups the ways fall into. */
  int groups() {
    return allowed[0].length;
  }

  int state(int hub, int last) {
    return hub * lasts.size() + last;
  }

  int hub(int state) {
    return state / lasts.size();
  }

  int at(int hub) {
    return atOf[hub];
  }

  boolean isOver(int hub) {
    return over[hub];
  }

  /** Number of the first way from a hub; those of the next hub follow its own. */
  int firstWay(int hub) {
    return firstWay[hub];
  }

  int family(int way) {
    return familyOf[way];
  }

  int group(int way) {
    return groupOf[familyOf[way]];
  }

  int to(int way) {
    return to[way];
  }

  /** Whether ways of a group may be taken from a hub after what was danced last. */
  boolean mayTake(int hub, int last, int group) {
    return forced[hub] || allowed[last][group];
  }

  /** Whether a way of its hub may be taken from a state. */
  boolean leads(int state, int way) {
    return mayTake(hub(state), state % lasts.size(), group(way));
  }
}
