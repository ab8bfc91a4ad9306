package ulnaawl.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.solve.Clash;
import ulnaawl.plan.solve.Rules;

/**
 * What a running order is worth, whoever made it: its points by the table of weights, and the rules
 * that it does not keep. A plan of the planner keeps all of them and has the points that it says.
 *
 * @param points of the whole order
 * @param each points of each line, in order; the practice of a teach has none of its own
 * @param broken rules that are not kept, in the order of the class
 */
public record OrderValue(int points, List<Integer> each, List<BrokenRule> broken) {

  private static final int DANCES_BEFORE_TEACH = 2;

  public OrderValue {
    each = List.copyOf(each);
    broken = List.copyOf(broken);
  }

  /**
   * Values an order.
   *
   * @param request the class; what stays and what is left out does not matter
   * @param lines in order, one after the other
   */
  public static OrderValue of(ClassRequest request, List<ClassRequest.Lock> lines) {
    return new Reading(request, lines).value();
  }

  /** Goes through the lines once. */
  private static final class Reading {
    private final ClassRequest request;
    private final List<ClassRequest.Lock> lines;
    private final Frame frame;
    private final Worth worth;
    private final List<Integer> effort;
    private final List<Integer> each = new ArrayList<>();
    private final List<BrokenRule> broken = new ArrayList<>();
    private final Set<Long> danced = new HashSet<>();
    private int teaches;
    private int dancesSinceTeach;

    Reading(ClassRequest request, List<ClassRequest.Lock> lines) {
      this.request = request;
      this.lines = lines;
      this.frame = new Frame(request.minutes(), request.level());
      this.worth = new Worth(request, frame);
      this.effort = frame.effort();
    }

    OrderValue value() {
      ends();
      rests();
      for (int i = 0; i < lines.size(); i++) {
        boolean practice = i > 0 && lines.get(i - 1).isPractisedIn(lines.get(i));
        each.add(practice ? 0 : points(i));
        if (!practice) {
          once(i);
          place(i);
        }
        neighbours(i, practice);
      }
      int points = each.stream().mapToInt(Integer::intValue).sum();
      return new OrderValue(points, each, broken);
    }

    private Optional<DanceForGroup> dance(int line) {
      return lines.get(line).dance().flatMap(worth::dance);
    }

    private int points(int line) {
      ClassRequest.Lock at = lines.get(line);
      boolean practised = line + 1 < lines.size() && at.isPractisedIn(lines.get(line + 1));
      int minutes = at.minutes() + (practised ? lines.get(line + 1).minutes() : 0);
      int loss =
          dance(line)
              .map(it -> {
                int middle = Math.clamp(at.start() + minutes / 2, 0, effort.size() - 1);
                return Rules.effortLoss(Points.effort(at.kind(), it), effort.get(middle));
              })
              .orElse(0);
      return worth.of(at) - loss;
    }

    private void ends() {
      if (lines.isEmpty() || lines.getFirst().kind() != Kind.WARM_UP) {
        broken.add(new BrokenRule.NoWarmUp());
      }
      if (lines.isEmpty() || lines.getLast().kind() != Kind.COOL_DOWN) {
        broken.add(new BrokenRule.NoCoolDown());
      }
      int spare = request.minutes() - (lines.isEmpty() ? 0 : lines.getLast().end());
      if (spare > 0) {
        broken.add(new BrokenRule.NotFilled(spare));
      } else if (spare < 0) {
        broken.add(new BrokenRule.TooLong(-spare));
      }
    }

    private void rests() {
      int since = 0;
      for (ClassRequest.Lock line : lines) {
        if (line.kind() == Kind.BREAK) {
          rest(since, line.start());
          since = line.end();
        }
      }
      rest(since, lines.isEmpty() ? 0 : lines.getLast().end());
    }

    private void rest(int from, int to) {
      if (to - from > Frame.HOUR) {
        broken.add(new BrokenRule.NoRest(from, to));
      }
    }

    private void once(int line) {
      lines
          .get(line)
          .dance()
          .filter(it -> !danced.add(it))
          .ifPresent(_ -> broken.add(new BrokenRule.Twice(line)));
    }

    private void place(int line) {
      if (lines.get(line).kind() != Kind.TEACH) {
        dancesSinceTeach += lines.get(line).dance().isPresent() ? 1 : 0;
        return;
      }
      boolean known = request.dances().stream().anyMatch(DanceForGroup::isDanced);
      if (teaches == 0 && dancesSinceTeach == 0 && known) {
        broken.add(new BrokenRule.TeachFirst(line));
      }
      if (teaches == 0 && dancesSinceTeach > DANCES_BEFORE_TEACH) {
        broken.add(new BrokenRule.TeachLate(line, dancesSinceTeach));
      }
      teaches++;
      if (teaches > 1 && frame.isGentle()) {
        broken.add(new BrokenRule.SecondTeach(line));
      }
      if (line + 1 >= lines.size() || !lines.get(line).isPractisedIn(lines.get(line + 1))) {
        broken.add(new BrokenRule.NotDanced(line));
      }
    }

    /** A rest between two dances makes them no neighbours. */
    private void neighbours(int line, boolean practice) {
      if (line == 0 || practice) {
        return;
      }
      Optional<DanceForGroup> before = dance(line - 1);
      Optional<DanceForGroup> now = dance(line);
      if (before.isEmpty() || now.isEmpty() || before.equals(now)) {
        return;
      }
      String style = before.get().style().orElse("");
      boolean sameStyle = !style.isEmpty() && before.get().style().equals(now.get().style());
      for (Clash clash :
          Clash.between(
              sameStyle, before.get().speed(), now.get().speed(), false, frame.isGentle())) {
        broken.add(
            switch (clash) {
              case ALIKE -> new BrokenRule.Alike(line - 1, line, style);
              case BOTH_VERY_FAST -> new BrokenRule.BothVeryFast(line - 1, line);
              case BOTH_FAST -> new BrokenRule.BothFast(line - 1, line);
            });
      }
    }
  }
}
