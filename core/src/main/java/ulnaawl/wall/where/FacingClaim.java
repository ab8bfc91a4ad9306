package ulnaawl.wall.where;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import ulnaawl.dance.Dance;
import ulnaawl.floor.Facing;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallEvent;
import ulnaawl.wall.WallRing;
import ulnaawl.wall.WallSequence;

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
  public record Answer(Truth truth, List<ClaimReason> why) {
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
      List<ClaimReason> why = new ArrayList<>();
      why.add(new ClaimReason.OnlyOptional(!optional));
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
  private List<ClaimReason> sum(WallSequence sequence) {
    List<ClaimReason> lines = new ArrayList<>();
    for (Wall one : sequence.walls()) {
      if (one.number() > wall) {
        break;
      }
      boolean asked = one.number() == wall && what == What.START;
      lines.add(
          asked
              ? new ClaimReason.Starts(one.number(), one.startFacing())
              : new ClaimReason.Leads(
                  one.number(), one.startFacing(), one.counts(), one.endFacing(), specials(one)));
    }
    return lines;
  }

  private static List<ClaimReason.Event> specials(Wall wall) {
    return wall.events().stream()
        .map(event -> {
          boolean turns = event.kind() == WallEvent.Kind.TAG && !event.from().equals(event.to());
          return new ClaimReason.Event(
              event.id(), turns ? Optional.of(event.to()) : Optional.empty());
        })
        .toList();
  }

  private List<ClaimReason> against(Dance dance, WallSequence sequence, Optional<Facing> computed) {
    List<ClaimReason> why = new ArrayList<>();
    if (at(sequence, wall).isEmpty()) {
      why.add(new ClaimReason.OnlySoManyWalls(sequence.walls().size()));
      return why;
    }
    if (computed.isEmpty()) {
      WallEvent.Kind kind = what == What.TAG ? WallEvent.Kind.TAG : WallEvent.Kind.RESTART;
      List<ClaimReason.Where> elsewhere =
          sequence.walls().stream()
              .flatMap(it ->
                  event(it, kind).stream()
                      .map(facing -> new ClaimReason.Where(it.number(), facing)))
              .toList();
      why.add(new ClaimReason.NoneOn(wall, kind, elsewhere));
      return why;
    }
    why.add(new ClaimReason.FacesOtherwise(what, wall, computed.get(), facing));
    if (what == What.START) {
      List<Integer> there = sequence.startingAt(facing);
      why.add(
          new ClaimReason.StartThere(
              facing, there.stream().limit(SHOWN).toList(), there.size() > SHOWN));
      if (!there.isEmpty()) {
        alternating(dance, sequence).ifPresent(why::add);
      }
    }
    why.addAll(sum(sequence));
    return why;
  }

  /** A two-wall dance keeps odd and even apart until something breaks its ring. */
  private Optional<ClaimReason> alternating(Dance dance, WallSequence sequence) {
    WallRing ring = WallRing.of(dance, sequence);
    Optional<Integer> firstBreak = ring.breaks().stream().findFirst();
    boolean broken = firstBreak.isPresent() && wall > firstBreak.get();
    if (ring.rotation() != WallRing.Rotation.HALF || broken) {
      return Optional.empty();
    }
    boolean odd = wall % 2 == 1;
    Facing start = odd ? Facing.FRONT : Facing.FRONT.plus(dance.main().turn());
    return Optional.of(new ClaimReason.Alternating(odd, firstBreak, start));
  }
}
