package ulnaawl.song;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
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
 * @param own whether the dance's sheet names the song
 * @param reasons what speaks for and against it
 */
public record MusicMatch(
    Use use,
    CountRate rate,
    Tempo countsPerMinute,
    OptionalInt percentOfOwn,
    int score,
    boolean own,
    List<Scored> reasons) {

  /** The dance's own song first, then by score. */
  public static final Comparator<MusicMatch> BEST_FIRST =
      Comparator.comparing((MusicMatch it) -> !it.own()).thenComparingInt(it -> -it.score());

  public MusicMatch {
    reasons = List.copyOf(reasons);
  }

  /** What a song is good for. */
  public enum Use {
    /** About as fast as the dance's own. */
    DANCE,
    /** Notably faster, yet within what the level dances. */
    FASTER,
    /** Slower than the dance's own. */
    PRACTISE
  }

  /** A reason with its points off a hundred; 0 where it is only worth knowing. */
  public record Scored(MatchReason reason, int points) {}

  // Shares of the dance's own count rate, in percent. Rule of thumb, no source, but for the lower
  // end: the first rung of a tempo ladder is about 60 % (common practice).
  private static final int SLOWEST = 60;
  private static final int ABOUT = 6;
  private static final int FASTEST = 118;

  private static final int FEWEST_WALLS = 3;
  private static final int RUNGS = 3;

  /**
   * Judges a song for a dance.
   *
   * @param level the level of the dance, stated or measured
   * @return empty where it does not do: another meter, no bpm, far too slow or too fast, or nothing
   *     to dance yet
   */
  public static Optional<MusicMatch> of(Dance dance, Level level, ListedSong song) {
    boolean nothing = dance.main().counts() == 0;
    if (nothing || song.meter() != dance.headers().meter() || song.song().bpm().isEmpty()) {
      return Optional.empty();
    }
    Optional<Tempo> own = dance.countsPerMinute();
    return bestRate(song.song(), own).flatMap(rate -> judge(dance, level, song, rate, own));
  }

  /**
   * The songs to practise to on the way to full speed, the slowest first: of those that are slower
   * than the dance's own one from the slow end, one from between, one from the fast end, like the
   * rungs of a ladder. Rule of thumb, no source.
   *
   * @param songs with how each goes with the dance
   */
  public static <T> List<T> rungs(List<T> songs, Function<T, MusicMatch> match) {
    List<T> slower =
        songs.stream()
            .filter(it -> match.apply(it).use() == Use.PRACTISE)
            .filter(it -> match.apply(it).percentOfOwn().isPresent())
            .sorted(Comparator.comparingInt((T it) -> match.apply(it).percentOfOwn().orElseThrow()))
            .toList();
    return slower.size() <= RUNGS
        ? slower
        : List.of(slower.getFirst(), slower.get(slower.size() / 2), slower.getLast());
  }

  private static boolean isOwn(Dance dance, ListedSong song) {
    return dance.headers().songs().stream()
        .anyMatch(stated -> ListedSong.key(stated.value()).equals(song.key()));
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
      scoring.add(0, new MatchReason.ExplicitWords());
    }
    return Optional.of(
        new MusicMatch(
            use,
            rate,
            counted,
            percent,
            Math.clamp(scoring.score, 0, 100),
            isOwn(dance, song),
            scoring.reasons));
  }

  /** Points off a hundred, each with its reason. */
  private static final class Scoring {
    private int score = 100;
    private final List<Scored> reasons = new ArrayList<>();

    void add(int points, MatchReason why) {
      score += points;
      reasons.add(new Scored(why, points));
    }

    void pace(Tempo counted, Optional<Tempo> own, int share) {
      if (own.isEmpty()) {
        add(-10, new MatchReason.NoOwnSpeed(counted));
        return;
      }
      int off = Math.abs(share - 100);
      add(
          off <= 1 ? 0 : -Math.min(45, off * 3 / 2),
          new MatchReason.Pace(counted, own.get(), share));
    }

    void counting(Song song, CountRate rate) {
      if (rate != song.rate()) {
        add(-6, new MatchReason.CountedAs(rate));
      }
    }

    void style(Dance dance, ListedSong song) {
      Optional<String> own = dance.headers().style().map(Stated::value);
      if (own.isEmpty() || song.style().isEmpty()) {
        return;
      }
      String style = song.style().get();
      if (own.get().equalsIgnoreCase(style)) {
        add(0, new MatchReason.SameStyle(style));
      } else {
        add(-8, new MatchReason.OtherStyle(style, own.get()));
      }
    }

    void phrases(Dance dance, ListedSong song, Use use) {
      boolean exceptions =
          dance.isPhrased()
              || dance.script().phrasing().stream()
                  .anyMatch(it ->
                      it instanceof Phrase.RestartPhrase
                          || it instanceof Phrase.TagPhrase
                          || it instanceof Phrase.BridgePhrase
                          || it instanceof Phrase.RepeatPhrase);
      boolean practise = use == Use.PRACTISE;
      if (!song.phrases().isKnown()) {
        add(exceptions ? (practise ? -10 : -22) : -4, new MatchReason.PhrasesUnknown(exceptions));
        return;
      }
      PhraseFit fit =
          PhraseFit.of(
              WallSequence.of(dance, SequenceRequest.of(song, false)),
              song.phrases(),
              dance.main().counts());
      if (fit.isWhole()) {
        add(0, new MatchReason.OnPhrases(exceptions));
      } else {
        add(
            exceptions ? (practise ? -12 : -28) : -12,
            new MatchReason.OffPhrases(fit.off().getFirst(), exceptions));
      }
    }

    void length(Dance dance, ListedSong song) {
      SequenceRequest request = SequenceRequest.of(song, false);
      SongFit fit = SongFit.of(dance, request);
      if (fit.end().isPresent() && !dance.isPhrased()) {
        add(fit.wholeWalls() < FEWEST_WALLS ? -10 : 0, new MatchReason.Holds(fit.wholeWalls()));
      }
    }
  }
}
