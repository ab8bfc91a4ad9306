package ulnaawl.wall;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import ulnaawl.dance.Dance;
import ulnaawl.floor.Facing;

/**
 * Something said about a facing: "wall 3 starts at the back".
 *
 * @param what which facing is meant
 * @param wall number of the wall, 1 to {@link SequenceRequest#MOST_WALLS}
 * @param facing on the room clock
 */
public record FacingClaim(What what, int wall, Facing facing) {

  private static final int SHOWN = 8;

  public FacingClaim {
    if (wall < 1 || wall > SequenceRequest.MOST_WALLS) {
      throw new IllegalArgumentException(
          "A wall has a number from 1 to " + SequenceRequest.MOST_WALLS + ", not " + wall);
    }
  }

  /** Which facing of a wall. */
  public enum What {
    /** Where the wall starts. */
    START,
    /** Where the wall itself ends, before a tag. */
    END,
    /** Where its restart faces. */
    RESTART,
    /** Where the tag after it begins. */
    TAG
  }

  /** Whether it is so. */
  public enum Truth {
    YES,
    /** Only where what is optional is danced. */
    WITH_OPTIONAL,
    NO
  }

  /**
   * The answer to a claim.
   *
   * @param why the sum that leads there, wall by wall, or what speaks against it
   */
  public record Answer(Truth truth, List<String> why) {
    public Answer {
      why = List.copyOf(why);
    }
  }

  /** Holds the claim against the walls as they are really danced. */
  public Answer check(Dance dance, boolean optional) {
    WallSequence plain = walls(dance, optional);
    Optional<Facing> computed = facingIn(plain);
    if (computed.filter(facing::equals).isPresent()) {
      return new Answer(Truth.YES, sum(plain));
    }
    WallSequence other = walls(dance, !optional);
    if (facingIn(other).filter(facing::equals).isPresent()) {
      List<String> why = new ArrayList<>();
      why.add(
          optional
              ? "Only where the optional ones are left out:"
              : "Only where the optional ones are danced:");
      why.addAll(sum(other));
      return new Answer(Truth.WITH_OPTIONAL, why);
    }
    return new Answer(Truth.NO, against(dance, plain, computed));
  }

  private WallSequence walls(Dance dance, boolean optional) {
    return WallSequence.of(
        dance,
        new SequenceRequest(
            Optional.empty(),
            OptionalInt.of(Math.max(wall, SequenceRequest.USUAL_WALLS)),
            optional));
  }

  private Optional<Facing> facingIn(WallSequence sequence) {
    Optional<Wall> found = at(sequence, wall);
    return switch (what) {
      case START -> found.map(Wall::startFacing);
      case END -> found.map(Wall::endFacing);
      case RESTART -> found.flatMap(it -> event(it, WallEvent.Kind.RESTART));
      case TAG -> found.flatMap(it -> event(it, WallEvent.Kind.TAG));
    };
  }

  private static Optional<Wall> at(WallSequence sequence, int number) {
    return sequence.walls().stream().filter(it -> it.number() == number).findFirst();
  }

  private static Optional<Facing> event(Wall wall, WallEvent.Kind kind) {
    return wall.events().stream()
        .filter(event -> event.kind() == kind)
        .map(WallEvent::from)
        .findFirst();
  }

  /** The sum up to the wall: where each starts and what turns it on. */
  private List<String> sum(WallSequence sequence) {
    List<String> lines = new ArrayList<>();
    for (Wall one : sequence.walls()) {
      if (one.number() > wall) {
        break;
      }
      boolean asked = one.number() == wall;
      String start = "Wall " + one.number() + " starts at " + one.startFacing().clock();
      if (asked && what == What.START) {
        lines.add(start + ".");
      } else {
        lines.add(
            start
                + ", "
                + one.counts()
                + " counts lead to "
                + one.endFacing().clock()
                + specials(one)
                + ".");
      }
    }
    return lines;
  }

  private static String specials(Wall wall) {
    return wall.events().stream()
        .map(event ->
            event.kind() == WallEvent.Kind.TAG && !event.from().equals(event.to())
                ? "; " + event.label() + " leads to " + event.to().clock()
                : "; " + event.label())
        .collect(Collectors.joining());
  }

  private List<String> against(Dance dance, WallSequence sequence, Optional<Facing> computed) {
    List<String> why = new ArrayList<>();
    if (at(sequence, wall).isEmpty()) {
      why.add("The dance has only " + sequence.walls().size() + " walls.");
      return why;
    }
    if (computed.isEmpty()) {
      WallEvent.Kind kind = what == What.TAG ? WallEvent.Kind.TAG : WallEvent.Kind.RESTART;
      String noun = kind == WallEvent.Kind.TAG ? "tag" : "restart";
      List<String> there =
          sequence.walls().stream()
              .filter(it -> event(it, kind).isPresent())
              .map(it -> "wall " + it.number() + " at " + event(it, kind).orElseThrow().clock())
              .toList();
      why.add(
          "Wall "
              + wall
              + " has no "
              + noun
              + (there.isEmpty()
                  ? ", and no other wall has."
                  : "; there is one on " + String.join(", ", there) + "."));
      return why;
    }
    String verb =
        switch (what) {
          case START -> "starts at ";
          case END -> "ends at ";
          case RESTART -> "restarts facing ";
          case TAG -> "is followed by a tag facing ";
        };
    why.add("Wall " + wall + " " + verb + computed.get().clock() + ", not " + facing.clock() + ".");
    if (what == What.START) {
      why.add(whoStartsThere(dance, sequence));
    }
    why.addAll(sum(sequence));
    return why;
  }

  private String whoStartsThere(Dance dance, WallSequence sequence) {
    List<Integer> there = sequence.startingAt(facing);
    if (there.isEmpty()) {
      return "No wall of this dance starts at " + facing.clock() + ".";
    }
    String list =
        there.stream().limit(SHOWN).map(String::valueOf).collect(Collectors.joining(", "))
            + (there.size() > SHOWN ? " …" : "");
    String parity = parity(dance, sequence);
    return "Walls that start at " + facing.clock() + ": " + list + "." + parity;
  }

  /** A two-wall dance keeps odd and even apart until something breaks its ring. */
  private String parity(Dance dance, WallSequence sequence) {
    WallRing ring = WallRing.of(dance, sequence);
    if (ring.rotation() != WallRing.Rotation.HALF) {
      return "";
    }
    int firstBreak =
        ring.breaks().isEmpty() ? SequenceRequest.MOST_WALLS : ring.breaks().getFirst();
    if (wall > firstBreak) {
      return "";
    }
    String until = ring.breaks().isEmpty() ? "" : " up to wall " + firstBreak;
    return wall % 2 == 1
        ? " Every odd wall" + until + " starts at 12."
        : " Every even wall" + until + " starts at 6.";
  }
}
