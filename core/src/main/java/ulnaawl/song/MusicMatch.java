package ulnaawl.song;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import ulnaawl.dance.Dance;
import ulnaawl.figure.Level;
import ulnaawl.music.CountRate;
import ulnaawl.music.ListedSong;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;
import ulnaawl.notation.Phrase;
import ulnaawl.notation.Stated;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.SongFit;
import ulnaawl.wall.WallSequence;

/**
 * How well a song of the club's list goes with a dance.
 *
 * @param use what it is good for
 * @param rate how the song's printed beats are then counted
 * @param countsPerMinute the count rate that comes of it
 * @param percentOfOwn its share of the dance's own count rate; empty where that is not known
 * @param score 0 to 100, more is better
 * @param reasons what speaks for and against it
 */
public record MusicMatch(
    Use use,
    CountRate rate,
    Tempo countsPerMinute,
    OptionalInt percentOfOwn,
    int score,
    List<String> reasons) {

  public MusicMatch {
    reasons = List.copyOf(reasons);
  }

  /** What a song is good for. */
  public enum Use {
    /** About as fast as the dance's own. */
    DANCE("to dance"),
    /** Notably faster, yet within what the level dances. */
    FASTER("a faster go"),
    /** Slower than the dance's own. */
    PRACTISE("to practise");

    private final String words;

    Use(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  // Shares of the dance's own count rate, in percent. Rule of thumb, no source, but for the lower
  // end: the first rung of a tempo ladder is about 60 % (common practice).
  private static final int SLOWEST = 60;
  private static final int ABOUT = 6;
  private static final int FASTEST = 118;

  private static final int FEWEST_WALLS = 3;

  /**
   * Judges a song for a dance.
   *
   * @param level the level of the dance, stated or measured
   * @return empty where it does not do: another meter, no bpm, far too slow or too fast
   */
  public static Optional<MusicMatch> of(Dance dance, Level level, ListedSong song) {
    if (song.meter() != dance.headers().meter() || song.song().bpm().isEmpty()) {
      return Optional.empty();
    }
    Optional<Tempo> own = dance.countsPerMinute();
    return bestRate(song.song(), own).flatMap(rate -> judge(dance, level, song, rate, own));
  }

  /** The way of counting whose rate comes nearest to the dance's own. */
  private static Optional<CountRate> bestRate(Song song, Optional<Tempo> own) {
    if (own.isEmpty()) {
      return Optional.of(song.rate());
    }
    CountRate best = song.rate();
    double least = distance(song, best, own.get());
    for (CountRate rate : CountRate.values()) {
      double distance = distance(song, rate, own.get());
      if (distance < least - 1e-9) {
        best = rate;
        least = distance;
      }
    }
    return Optional.of(best);
  }

  private static double distance(Song song, CountRate rate, Tempo own) {
    double counted = song.bpm().orElseThrow().counted(rate).milliBpm();
    return Math.abs(Math.log(counted / own.milliBpm()));
  }

  private static Optional<MusicMatch> judge(
      Dance dance, Level level, ListedSong song, CountRate rate, Optional<Tempo> own) {
    ListedSong danced = song.counted(rate);
    Tempo counted = danced.song().countsPerMinute().orElseThrow();
    Tempo most = PaceTable.fastest(level, song.meter());
    OptionalInt percent =
        own.isPresent()
            ? OptionalInt.of((int) Math.round(100.0 * counted.milliBpm() / own.get().milliBpm()))
            : OptionalInt.empty();
    int share = percent.orElse(100);
    boolean tooFast = counted.compareTo(most) > 0 && share > 100 + ABOUT;
    boolean beyond = own.isEmpty() && counted.compareTo(most) > 0;
    if (share < SLOWEST || share > FASTEST || tooFast || beyond) {
      return Optional.empty();
    }
    Use use = share < 100 - ABOUT ? Use.PRACTISE : share > 100 + ABOUT ? Use.FASTER : Use.DANCE;
    Scoring scoring = new Scoring();
    scoring.pace(counted, own, share);
    scoring.counting(song.song(), rate);
    scoring.style(dance, song);
    scoring.phrases(dance, danced, use);
    scoring.length(dance, danced);
    if (song.explicitWords()) {
      scoring.add(0, "explicit words: not for every hall");
    }
    return Optional.of(
        new MusicMatch(
            use, rate, counted, percent, Math.clamp(scoring.score, 0, 100), scoring.reasons));
  }

  /** Points off a hundred, each with its reason. */
  private static final class Scoring {
    private int score = 100;
    private final List<String> reasons = new ArrayList<>();

    void add(int points, String why) {
      score += points;
      reasons.add(points == 0 ? why : why + ": " + points);
    }

    void pace(Tempo counted, Optional<Tempo> own, int share) {
      if (own.isEmpty()) {
        add(-10, counted.label() + " counts a minute; the dance names no speed of its own");
        return;
      }
      String rates = counted.label() + " counts a minute, the dance's own " + own.get().label();
      int off = Math.abs(share - 100);
      add(off <= 1 ? 0 : -Math.min(45, off * 3 / 2), rates + " (" + share + " %)");
    }

    void counting(Song song, CountRate rate) {
      if (rate != song.rate()) {
        String how =
            switch (rate) {
              case HALF -> "counted at half its beats";
              case FULL -> "counted on every beat";
              case DOUBLE -> "counted at double its beats";
            };
        add(-6, how);
      }
    }

    void style(Dance dance, ListedSong song) {
      Optional<String> own = dance.headers().style().map(Stated::value);
      if (own.isEmpty() || song.style().isEmpty()) {
        return;
      }
      boolean same = own.get().equalsIgnoreCase(song.style().get());
      add(
          same ? 0 : -8,
          same
              ? "the same style, " + song.style().get()
              : "style " + song.style().get() + ", not " + own.get());
    }

    void phrases(Dance dance, ListedSong song, Use use) {
      boolean special =
          dance.isPhrased()
              || dance.script().phrasing().stream()
                  .anyMatch(it ->
                      it instanceof Phrase.RestartPhrase
                          || it instanceof Phrase.TagPhrase
                          || it instanceof Phrase.BridgePhrase
                          || it instanceof Phrase.RepeatPhrase);
      boolean practise = use == Use.PRACTISE;
      if (!song.phrases().isKnown()) {
        add(
            special ? (practise ? -10 : -22) : -4,
            special
                ? "its phrases are not entered: the restarts and tags belong to the dance's own song"
                : "its phrases are not entered");
        return;
      }
      PhraseFit fit =
          PhraseFit.of(
              WallSequence.of(dance, SequenceRequest.of(song, false)),
              song.phrases(),
              dance.main().counts());
      if (fit.isWhole()) {
        add(0, special ? "restarts and tags fall on its phrases" : "every wall starts on a phrase");
      } else {
        int first = fit.off().getFirst();
        add(
            special ? (practise ? -12 : -28) : -12,
            special
                ? "restarts and tags do not fit its phrases from wall " + first + " on"
                : "from wall " + first + " on walls start inside a phrase");
      }
    }

    void length(Dance dance, ListedSong song) {
      SequenceRequest request = SequenceRequest.of(song, false);
      SongFit fit = SongFit.of(dance, request);
      if (fit.end().isPresent() && !dance.isPhrased()) {
        boolean few = fit.wholeWalls() < FEWEST_WALLS;
        add(
            few ? -10 : 0,
            "holds " + fit.wholeWalls() + (fit.wholeWalls() == 1 ? " wall" : " walls"));
      }
    }
  }
}
