package ulnaawl.server.music;

import org.springframework.stereotype.Component;
import ulnaawl.figure.Level;
import ulnaawl.server.music.MusicView.MatchView;
import ulnaawl.server.music.MusicView.SplitCard;
import ulnaawl.server.music.MusicView.SplitView;
import ulnaawl.server.music.MusicView.SplitWall;
import ulnaawl.server.music.MusicView.StandingView;
import ulnaawl.server.wire.Reasons;
import ulnaawl.song.FloorSplit;
import ulnaawl.song.MusicMatch;
import ulnaawl.words.SongSpeech;
import ulnaawl.words.Speech;

/** Writes what goes with what for the browser. */
@Component
class MusicWriter {

  private final Reasons reasons;
  private final SongSpeech speech;

  MusicWriter(Reasons reasons, Speech speech) {
    this.reasons = reasons;
    this.speech = speech.songs();
  }

  MatchView match(MusicMatch match) {
    return new MatchView(
        match.use(),
        speech.use(match.use()),
        match.rate(),
        match.countsPerMinute(),
        match.percentOfOwn().isPresent() ? Integer.valueOf(match.percentOfOwn().getAsInt()) : null,
        match.score(),
        match.reasons().stream()
            .map(it -> reasons.view(it.reason(), _ -> speech.match(it)))
            .toList());
  }

  SplitCard card(long dance, String title, Level level, FloorSplit split) {
    FloorSplit.Arrangement best = split.best();
    return new SplitCard(
        dance,
        title,
        level,
        split.verdict(),
        speech.verdict(split.verdict()),
        best.extraCentimetres(),
        best.nearestCentimetres(),
        best.how(),
        speech.standing(best.how()),
        split.sameFacing());
  }

  SplitView split(String first, String second, FloorSplit split) {
    return new SplitView(
        first,
        second,
        split.verdict(),
        speech.verdict(split.verdict()),
        split.sameFacing(),
        split.arrangements().stream()
            .map(it ->
                new StandingView(
                    it.how(),
                    speech.standing(it.how()),
                    it.extraCentimetres(),
                    it.nearestCentimetres(),
                    it.wall(),
                    it.count()))
            .toList(),
        split.walls().stream()
            .map(it ->
                new SplitWall(
                    it.wall(),
                    it.facing(),
                    it.otherWall(),
                    it.otherFacing(),
                    it.nearestCentimetres()))
            .toList());
  }
}
