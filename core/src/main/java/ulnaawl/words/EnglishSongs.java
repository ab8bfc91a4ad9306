package ulnaawl.words;

import java.util.Optional;
import ulnaawl.floor.Turn;
import ulnaawl.music.CountRate;
import ulnaawl.song.Ending;
import ulnaawl.song.EndingReason;
import ulnaawl.song.EveningSong;
import ulnaawl.song.FloorSplit;
import ulnaawl.song.MatchReason;
import ulnaawl.song.MusicMatch;
import ulnaawl.song.RestartHelper;
import ulnaawl.wall.WallEvent;

final class EnglishSongs implements SongSpeech {

  @Override
  public String match(MusicMatch.Scored scored) {
    String why = why(scored.reason());
    return scored.points() == 0 ? why : why + ": " + scored.points();
  }

  private static String why(MatchReason reason) {
    return switch (reason) {
      case MatchReason.NoOwnSpeed it ->
          it.countsPerMinute().label() + " counts a minute; the dance names no speed of its own";
      case MatchReason.Pace it ->
          it.countsPerMinute().label()
              + " counts a minute, the dance's own "
              + it.own().label()
              + " ("
              + it.percent()
              + " %)";
      case MatchReason.CountedAs it -> counted(it.rate());
      case MatchReason.SameStyle it -> "the same style, " + it.style();
      case MatchReason.OtherStyle it -> "style " + it.style() + ", not " + it.own();
      case MatchReason.PhrasesUnknown it ->
          it.needed()
              ? "its phrases are not entered: the restarts and tags belong to the dance's own song"
              : "its phrases are not entered";
      case MatchReason.OnPhrases it ->
          it.exceptions()
              ? "restarts and tags fall on its phrases"
              : "every wall starts on a phrase";
      case MatchReason.OffPhrases it ->
          it.exceptions()
              ? "restarts and tags do not fit its phrases from wall " + it.fromWall() + " on"
              : "from wall " + it.fromWall() + " on walls start inside a phrase";
      case MatchReason.Holds it -> "holds " + Plain.many(it.walls(), "wall");
      case MatchReason.ExplicitWords _ -> "explicit words: not for every hall";
    };
  }

  private static String counted(CountRate rate) {
    return switch (rate) {
      case HALF -> "counted at half its beats";
      case FULL -> "counted on every beat";
      case DOUBLE -> "counted at double its beats";
    };
  }

  @Override
  public String use(MusicMatch.Use use) {
    return switch (use) {
      case DANCE -> "to dance";
      case FASTER -> "a faster go";
      case PRACTISE -> "to practise";
    };
  }

  @Override
  public String ending(EndingReason reason) {
    return switch (reason) {
      case EndingReason.HasOne it ->
          it.early()
              ? "The dance has its ending, and it is over before the music."
              : "The dance has its ending.";
      case EndingReason.OrderEndsFirst _ ->
          "The dance is over before the music: its written order has an end.";
      case EndingReason.LengthUnknown _ ->
          "Without the song's bpm and length nobody knows where the music stops.";
      case EndingReason.OrderDecides _ ->
          "A phrased dance ends as its order says; write the ending there.";
      case EndingReason.FacesFront _ -> "The last beat already faces 12; a pose on it is enough.";
      case EndingReason.StopsFacing it ->
          "The music stops facing "
              + it.facing().clock()
              + ", on count "
              + it.count()
              + " of wall "
              + it.wall()
              + ".";
      case EndingReason.Turns it ->
          (it.turn().isNone() ? "no turn" : "turns " + it.turn().label())
              + ", last beat facing 12"
              + cut(it.cutFigure());
      case EndingReason.TurnsOtherwise it ->
          "the "
              + it.figure()
              + " turns "
              + turn(it.turn())
              + " in place of "
              + it.usual().label()
              + ", last beat facing 12"
              + cut(it.cutFigure());
    };
  }

  private static String turn(Turn turn) {
    return turn.isNone() ? "not at all" : turn.label();
  }

  private static String cut(Optional<String> figure) {
    return figure.map(it -> "; leaves the " + it + " half done").orElse("");
  }

  @Override
  public String endingName(Ending ending) {
    return ending.why() instanceof EndingReason.TurnsOtherwise it
        ? it.figure() + " with another turn"
        : ending.name();
  }

  @Override
  public String plan(RestartHelper.Kind kind) {
    return switch (kind) {
      case RESTARTS_AND_TAGS -> "Restarts and tags";
      case RESTARTS_ONLY -> "Restarts only";
      case TAGS_ONLY -> "Tags only";
    };
  }

  @Override
  public String exception(RestartHelper.PlannedException exception) {
    WallEvent event = exception.event();
    String when = event.kind() == WallEvent.Kind.TAG ? "after wall " : "wall ";
    String to = event.from().equals(event.to()) ? "" : " to " + event.to().clock();
    return when
        + exception.wall()
        + ": "
        + event.id().notation()
        + ", facing "
        + event.from().clock()
        + to;
  }

  @Override
  public String note(RestartHelper.PlannedException exception) {
    String change =
        exception.changedStep().isEmpty()
            ? ""
            : "count " + exception.event().after() + " becomes " + exception.changedStep();
    String cut =
        exception.cutFigure().isEmpty() ? "" : "leaves the " + exception.cutFigure() + " half done";
    return change + (change.isEmpty() || cut.isEmpty() ? "" : "; ") + cut;
  }

  @Override
  public String verdict(FloorSplit.Verdict verdict) {
    return switch (verdict) {
      case GOOD -> "keeps apart";
      case TIGHT -> "leave more room between them";
      case COLLIDES -> "drives lines into each other";
    };
  }

  @Override
  public String standing(FloorSplit.How how) {
    return switch (how) {
      case RIGHT -> "on the right";
      case LEFT -> "on the left";
      case FRONT -> "in front";
      case BACK -> "behind";
    };
  }

  @Override
  public String missing(EveningSong.Missing missing) {
    return switch (missing) {
      case NO_SONG -> "The sheet names no song.";
      case NOT_LISTED -> "This song is not in the club's list.";
      case NO_LENGTH -> "Nobody wrote down how long it lasts.";
    };
  }
}
