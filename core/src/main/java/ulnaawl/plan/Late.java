package ulnaawl.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ulnaawl.plan.ClassLine.Kind;

/**
 * The best of the rest of a class that runs late: what is shortened, what is left out, what is
 * carried over, so that it ends in time and loses the fewest points. Every way through the lines is
 * looked at. What was taught tonight is still danced tonight; a cool-down stays; nobody dances on
 * for more than an hour.
 *
 * @param lines what becomes of each line, in order
 * @param cost points that are lost, 0 or more
 * @param inHand minutes that nothing is left to do in
 */
public record Late(List<Line> lines, int cost, int inHand) {

  /** Points that nobody would lose: only where nothing else is left to leave out. */
  private static final int NEVER_WILLINGLY = 1000;

  public Late {
    lines = List.copyOf(lines);
  }

  /** What becomes of a line. */
  public enum What {
    STAYS,
    SHORTER,
    /** A reminder that is danced with calls, without its walk-through. */
    WITHOUT_WALK,
    /** Not tonight; the record brings it back. */
    CARRIED_OVER,
    LEFT_OUT
  }

  /**
   * A line of the rest.
   *
   * @param line as it was planned
   * @param minutes how long it is now; 0 where it is not done
   * @param cost points that are lost with it, 0 or more
   */
  public record Line(ClassRequest.Lock line, int minutes, What what, int cost) {}

  /** A way to do one line or a teach with its practice. */
  private record Way(List<Line> lines, int minutes, int cost) {
    static Way of(ClassRequest.Lock line, int minutes, What what, int cost) {
      return new Way(List.of(new Line(line, minutes, what, cost)), minutes, cost);
    }

    static Way of(Line first, Line second) {
      return new Way(
          List.of(first, second), first.minutes() + second.minutes(), first.cost() + second.cost());
    }
  }

  /** The best from a point on; the ways that are taken, from the first. */
  private record Found(int cost, List<Way> ways) {}

  private record State(int piece, int left, int since) {}

  /**
   * Shortens the rest of a class.
   *
   * @param request the class, with its dances as the group stood with them before it
   * @param rest lines that have not begun, in order
   * @param tonight numbers of dances that were taught tonight already
   * @param left minutes until the class ends, 0 or more
   * @param since minutes since the last break or the beginning, 0 or more
   */
  public static Late of(
      ClassRequest request, List<ClassRequest.Lock> rest, Set<Long> tonight, int left, int since) {
    return new Search(request, rest, tonight).best(left, since);
  }

  private static final class Search {
    private final Worth worth;
    private final Set<Long> tonight;
    private final List<List<Way>> pieces = new ArrayList<>();
    private final Map<State, Found> known = new HashMap<>();

    Search(ClassRequest request, List<ClassRequest.Lock> rest, Set<Long> tonight) {
      this.worth = new Worth(request, new Frame(request.minutes(), request.level()));
      this.tonight = new HashSet<>(tonight);
      for (int i = 0; i < rest.size(); i++) {
        ClassRequest.Lock line = rest.get(i);
        if (i + 1 < rest.size() && line.isPractisedIn(rest.get(i + 1))) {
          pieces.add(taught(line, rest.get(i + 1)));
          i++;
        } else {
          pieces.add(ways(line));
        }
      }
    }

    Late best(int left, int since) {
      Found found = from(new State(0, left, since));
      List<Line> lines = found.ways().stream().flatMap(it -> it.lines().stream()).toList();
      int used = found.ways().stream().mapToInt(Way::minutes).sum();
      int cost = lines.stream().mapToInt(Line::cost).sum();
      return new Late(lines, cost, left - used);
    }

    private Found from(State state) {
      Found remembered = known.get(state);
      if (remembered != null) {
        return remembered;
      }
      Found best = new Found(Integer.MAX_VALUE, List.of());
      if (state.piece() == pieces.size()) {
        // A minute that nothing is done in is lost, too.
        best = new Found(-PlanWeight.FREE.points() * state.left(), List.of());
      } else {
        for (Way way : pieces.get(state.piece())) {
          if (way.minutes() <= state.left()) {
            Found after = from(next(state, way));
            int cost = way.cost() + tired(state, way) + after.cost();
            if (cost < best.cost()) {
              List<Way> ways = new ArrayList<>(List.of(way));
              ways.addAll(after.ways());
              best = new Found(cost, List.copyOf(ways));
            }
          }
        }
      }
      known.put(state, best);
      return best;
    }

    private static boolean rests(Way way) {
      return way.minutes() > 0 && way.lines().getFirst().line().kind() == Kind.BREAK;
    }

    private static State next(State state, Way way) {
      int since = rests(way) ? 0 : Math.min(Frame.HOUR * 4, state.since() + way.minutes());
      return new State(state.piece() + 1, state.left() - way.minutes(), since);
    }

    /** What it costs to go on for more than an hour, a minute at a time. */
    private static int tired(State state, Way way) {
      int before = Math.max(Frame.HOUR, state.since());
      int after = rests(way) ? 0 : state.since() + way.minutes();
      return Math.max(0, after - before) * NEVER_WILLINGLY / Frame.HOUR;
    }

    /** A teach that has not begun: whole, shorter, or another evening; its practice with it. */
    private List<Way> taught(ClassRequest.Lock teach, ClassRequest.Lock practice) {
      int points = worth.of(teach);
      int song = song(practice);
      List<Way> ways = new ArrayList<>();
      for (int minutes = teach.minutes(); minutes >= least(teach); minutes--) {
        int lost = Math.max(0, points - worth.of(teach.lasting(minutes)));
        Line first = new Line(teach, minutes, changed(teach, minutes), lost);
        for (int after = practice.minutes(); after >= Math.min(song, practice.minutes()); after--) {
          ways.add(Way.of(first, shortened(practice, after)));
        }
      }
      ways.add(
          Way.of(
              new Line(teach, 0, What.CARRIED_OVER, Math.max(1, points)),
              new Line(practice, 0, What.CARRIED_OVER, 0)));
      return ways;
    }

    private static int least(ClassRequest.Lock teach) {
      return Math.min(Points.LEAST_TEACH, teach.minutes());
    }

    private static What changed(ClassRequest.Lock line, int minutes) {
      return minutes == line.minutes() ? What.STAYS : What.SHORTER;
    }

    private static Line shortened(ClassRequest.Lock line, int minutes) {
      int cost = (minutes - line.minutes()) * PlanWeight.SHORT_PRACTICE.points();
      return new Line(line, minutes, changed(line, minutes), cost);
    }

    private int song(ClassRequest.Lock line) {
      return line.dance()
          .flatMap(worth::dance)
          .map(DanceForGroup::songMinutes)
          .orElse(DanceForGroup.USUAL_SONG_MINUTES);
    }

    private List<Way> ways(ClassRequest.Lock line) {
      List<Way> ways = new ArrayList<>();
      int points = Math.max(0, worth.of(line));
      Optional<DanceForGroup> dance = line.dance().flatMap(worth::dance);
      switch (line.kind()) {
        case WARM_UP -> {
          shorter(ways, line, Frame.SHORTEST, -PlanWeight.SHORT_WARM_UP.points());
          ways.add(Way.of(line, 0, What.LEFT_OUT, NEVER_WILLINGLY));
        }
        case COOL_DOWN -> {
          shorter(ways, line, Frame.SHORTEST, -PlanWeight.SHORT_COOL_DOWN.points());
          ways.add(Way.of(line, 0, What.LEFT_OUT, NEVER_WILLINGLY));
        }
        case BREAK -> {
          shorter(ways, line, Frame.SHORTEST, -PlanWeight.SHORT_BREAK.points());
          int all = -line.minutes() * PlanWeight.SHORT_BREAK.points();
          ways.add(Way.of(line, 0, What.LEFT_OUT, all));
        }
        case TEACH -> {
          for (int minutes = line.minutes(); minutes >= least(line); minutes--) {
            int lost = Math.max(0, points - worth.of(line.lasting(minutes)));
            ways.add(Way.of(line, minutes, changed(line, minutes), lost));
          }
          ways.add(Way.of(line, 0, What.CARRIED_OVER, Math.max(1, points)));
        }
        case REMINDER -> {
          ways.add(Way.of(line, line.minutes(), What.STAYS, 0));
          int danced = song(line) + Points.SET_UP;
          int less = points - Math.max(0, worth.of(line.danced()));
          if (dance.isPresent() && danced < line.minutes()) {
            ways.add(Way.of(line, danced, What.WITHOUT_WALK, Math.max(1, less)));
          }
          ways.add(Way.of(line, 0, What.CARRIED_OVER, Math.max(1, points)));
        }
        case PRACTICE, FINISH -> danced(ways, line, points, dance);
      }
      return ways;
    }

    private void danced(
        List<Way> ways, ClassRequest.Lock line, int points, Optional<DanceForGroup> dance) {
      int least = dance.isPresent() || line.kind() == Kind.FINISH ? song(line) : 1;
      shorter(ways, line, least, -PlanWeight.SHORT_PRACTICE.points());
      boolean taughtTonight = line.dance().filter(tonight::contains).isPresent();
      int end = line.kind() == Kind.FINISH ? PlanWeight.FAVOURITE.points() : 0;
      ways.add(
          Way.of(
              line,
              0,
              taughtTonight || dance.isEmpty() ? What.LEFT_OUT : What.CARRIED_OVER,
              taughtTonight ? NEVER_WILLINGLY : Math.max(1, points + end)));
    }

    private static void shorter(
        List<Way> ways, ClassRequest.Lock line, int least, int costOfMinute) {
      for (int minutes = line.minutes(); minutes >= Math.min(least, line.minutes()); minutes--) {
        int cost = (line.minutes() - minutes) * costOfMinute;
        ways.add(Way.of(line, minutes, changed(line, minutes), cost));
      }
    }
  }
}
