package ulnaawl.words;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ulnaawl.dance.Call;
import ulnaawl.floor.Foot;
import ulnaawl.notation.write.StepTextFormatter;
import ulnaawl.wall.CallSheet;
import ulnaawl.wall.DancedSection;
import ulnaawl.wall.EventId;
import ulnaawl.wall.WallEvent;
import ulnaawl.wall.WallRing;
import ulnaawl.wall.where.ClaimReason;
import ulnaawl.wall.where.FacingClaim;
import ulnaawl.wall.where.WhereAreWe;

final class EnglishWalls implements WallSpeech {

  @Override
  public String event(EventId event) {
    return event.notation();
  }

  @Override
  public String danced(DancedSection section) {
    return section
        .event()
        .map(id ->
            switch (id) {
              case EventId.Restart it -> "after " + it.after();
              case EventId.Tag it -> "the tag " + it.name();
              case EventId.Bridge it -> "the bridge " + it.name();
              case EventId.Repeat it -> it.sections() + " again";
              case EventId.Ending it -> "the ending " + it.name();
            })
        .orElse("section " + section.section());
  }

  @Override
  public String call(CallSheet.What what) {
    return switch (what) {
      case CallSheet.What.Part it -> "Part " + it.name();
      case CallSheet.What.Event it ->
          switch (it.event()) {
            case EventId.Restart _ -> it.changed() ? "Change and restart" : "Restart";
            case EventId.Tag tag -> "Tag " + tag.name();
            case EventId.Bridge bridge -> "Bridge " + bridge.name();
            case EventId.Repeat repeat -> Plain.capital(repeat.sections()) + " again";
            case EventId.Ending ending -> "Ending " + ending.name();
          };
    };
  }

  @Override
  public String shout(CallSheet.Call call) {
    return Shout.of(call);
  }

  @Override
  public List<String> shouts(CallSheet.Call call) {
    return Shout.ways(call);
  }

  @Override
  public String warning(CallSheet.Call call) {
    return Shout.warning(call);
  }

  @Override
  public String count(String spoken) {
    return spoken.equals("&") ? "and" : spoken;
  }

  @Override
  public String steps(CallSheet.Steps steps) {
    return StepTextFormatter.counts(steps.counts()) + " " + Call.together(steps.calls());
  }

  @Override
  public String then(CallSheet.Then then) {
    return switch (then) {
      case CallSheet.Then.Finish it -> "Finish facing " + it.facing().clock();
      case CallSheet.Then.GoOn it ->
          "Go on with wall "
              + it.wall()
              + it.turned().map(facing -> ", now facing " + facing.clock()).orElse("");
      case CallSheet.Then.StraightInto it -> "Straight into the " + event(it.event());
      case CallSheet.Then.FromTheTop it ->
          "Wall " + it.wall() + " from the top, facing " + it.facing().clock() + begins(it.foot());
      case CallSheet.Then.OfPart it ->
          "Wall "
              + it.wall()
              + " is part "
              + it.part()
              + ", facing "
              + it.facing().clock()
              + begins(it.foot());
    };
  }

  private static String begins(Optional<Foot> foot) {
    return foot.map(it -> ", " + it.letter() + " foot begins").orElse("");
  }

  @Override
  public String claim(ClaimReason reason) {
    return switch (reason) {
      case ClaimReason.OnlyOptional it ->
          it.danced()
              ? "Only where the optional ones are danced:"
              : "Only where the optional ones are left out:";
      case ClaimReason.Starts it -> "Wall " + it.wall() + " starts at " + it.facing().clock() + ".";
      case ClaimReason.Leads it ->
          "Wall "
              + it.wall()
              + " starts at "
              + it.start().clock()
              + ", "
              + Plain.many(it.counts(), "count")
              + (it.counts() == 1 ? " leads to " : " lead to ")
              + it.end().clock()
              + it.events().stream().map(this::special).collect(Collectors.joining())
              + ".";
      case ClaimReason.OnlySoManyWalls it ->
          "The dance has only " + Plain.many(it.walls(), "wall") + ".";
      case ClaimReason.NoneOn it -> noneOn(it);
      case ClaimReason.FacesOtherwise it ->
          "Wall "
              + it.wall()
              + " "
              + verb(it.what())
              + it.facing().clock()
              + ", not "
              + it.claimed().clock()
              + ".";
      case ClaimReason.StartThere it -> startThere(it);
      case ClaimReason.Alternating it ->
          (it.odd() ? "Every odd wall" : "Every even wall")
              + it.upTo().map(wall -> " up to wall " + wall).orElse("")
              + " starts at "
              + it.facing().clock()
              + ".";
    };
  }

  private String special(ClaimReason.Event it) {
    return "; "
        + event(it.event())
        + it.turnsTo().map(facing -> " leads to " + facing.clock()).orElse("");
  }

  private static String noneOn(ClaimReason.NoneOn it) {
    String noun = it.kind() == WallEvent.Kind.TAG ? "tag" : "restart";
    List<String> there =
        it.elsewhere().stream()
            .map(one -> "wall " + one.wall() + " at " + one.facing().clock())
            .toList();
    return "Wall "
        + it.wall()
        + " has no "
        + noun
        + (there.isEmpty()
            ? ", and no other wall has."
            : "; there is one on " + String.join(", ", there) + ".");
  }

  private static String verb(FacingClaim.What what) {
    return switch (what) {
      case START -> "starts at ";
      case END -> "ends at ";
      case RESTART -> "restarts facing ";
      case TAG -> "is followed by a tag facing ";
    };
  }

  private static String startThere(ClaimReason.StartThere it) {
    if (it.walls().isEmpty()) {
      return "No wall of this dance starts at " + it.facing().clock() + ".";
    }
    String walls = it.walls().stream().map(String::valueOf).collect(Collectors.joining(", "));
    return "Walls that start at "
        + it.facing().clock()
        + ": "
        + walls
        + (it.more() ? " …" : "")
        + ".";
  }

  @Override
  public String candidate(WhereAreWe.Candidate candidate) {
    String starts =
        "Wall "
            + candidate.wall().number()
            + " starts facing "
            + candidate.wall().startFacing().clock();
    if (candidate.secondsOff().isEmpty()) {
      return starts + ".";
    }
    int seconds = candidate.secondsOff().getAsInt();
    return starts
        + "; "
        + (seconds == 0 ? "the time fits" : "the time is " + seconds + " s off")
        + ".";
  }

  @Override
  public String dropped(WhereAreWe.Clue clue) {
    return switch (clue) {
      case COUNT -> "the count";
      case SECTION_AND_COUNT -> "the section and the count";
      case FACING -> "the facing";
      case FIGURE -> "the figure";
    };
  }

  @Override
  public String rotation(WallRing.Rotation rotation) {
    return switch (rotation) {
      case NONE -> "every wall starts alike";
      case HALF -> "front and back in turn";
      case CLOCKWISE -> "clockwise";
      case ANTICLOCKWISE -> "anticlockwise";
      case OWN -> "in an order of its own";
    };
  }
}
