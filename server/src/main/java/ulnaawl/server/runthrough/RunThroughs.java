package ulnaawl.server.runthrough;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;
import ulnaawl.learning.Stage;
import ulnaawl.music.ListedSong;
import ulnaawl.music.Meter;
import ulnaawl.music.SongPhrases;
import ulnaawl.music.Tempo;
import ulnaawl.play.Performance;
import ulnaawl.play.Track;
import ulnaawl.play.band.BandPart;
import ulnaawl.play.band.Clicks;
import ulnaawl.play.band.Feel;
import ulnaawl.play.band.Hit;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.teaching.TeachingService;
import ulnaawl.server.teaching.TeachingService.Prepared;
import ulnaawl.server.walls.Music;
import ulnaawl.server.wire.ScopeView;
import ulnaawl.teach.ladder.TempoLadder;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.words.Speech;

/** Dances that are run through, with a group or without one. */
@Service
@RequiredArgsConstructor
class RunThroughs {

  private final DanceService dances;
  private final DanceReader reader;
  private final TeachingService teaching;
  private final Music music;
  private final Speech speech;

  /**
   * A dance that is run through.
   *
   * @param known whether the group knows it
   * @param song its song, with what the club's list knows of it
   */
  record Rehearsed(
      long dance,
      Lesson lesson,
      TempoLadder ladder,
      boolean known,
      Optional<ListedSong> song,
      Speech speech) {

    Meter meter() {
      return lesson.dance().headers().meter();
    }

    boolean rateKnown() {
      return lesson.dance().countsPerMinute().isPresent();
    }

    /**
     * A scope as it was asked for.
     *
     * @throws Problem where the dance has no such scope
     */
    Scope scope(ScopeView wanted) {
      Scope scope = wanted.scope();
      if (!lesson.has(scope)) {
        throw Problem.gone("This dance has no such section, wall or exception any more.");
      }
      return scope;
    }

    Performance at(Track track, Tempo rate) {
      return Performance.of(track, meter(), rate, speech.walls());
    }

    /** Click and band, in order of time. */
    List<Hit> hits(Track track) {
      List<Hit> clicks = Clicks.of(track, meter(), TeachPace.countIn(meter()));
      return Stream.concat(clicks.stream(), band(track).hits(track.ticks()).stream())
          .sorted(Comparator.comparingInt(Hit::tick))
          .toList();
    }

    BandPart band(Track track) {
      Feel feel = Feel.of(lesson.dance(), song.flatMap(ListedSong::style));
      SongPhrases phrases = song.map(ListedSong::phrases).orElse(SongPhrases.UNKNOWN);
      return BandPart.of(track, meter(), feel, phrases);
    }
  }

  Rehearsed get(long id, Optional<Long> group) {
    ReadDance read = dances.danceable(id);
    Optional<Prepared> prepared = group.map(one -> teaching.prepare(id, one));
    boolean known = prepared.map(it -> it.stage() == Stage.KNOWN).orElse(false);
    Lesson lesson =
        prepared
            .map(Prepared::lesson)
            .orElseGet(
                () -> new Lesson(read.dance(), reader.book(), Learner.fresh(TeachPace.LIVE)));
    return new Rehearsed(
        id,
        lesson,
        TempoLadder.of(lesson.rate(), known, lesson.hardest()),
        known,
        music.ofSheet(read.dance()).stream().findFirst().map(Music.Choice::song),
        speech);
  }
}
