package ulnaawl.play.band;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import ulnaawl.music.Count;
import ulnaawl.music.Meter;
import ulnaawl.music.SongPhrases;
import ulnaawl.play.Track;

/**
 * What the band plays for a track: bars that follow the phrases of the song, with a cymbal where a
 * phrase begins and a fill where it ends. Where no phrases are known, a phrase has four sections
 * (common practice).
 *
 * @param feel how it swings
 * @param bars in order of time, one behind the other
 */
public record BandPart(Feel feel, List<Bar> bars) {

  /** Sections of a phrase that nobody has entered. */
  private static final int USUAL_SECTIONS = 4;

  private static final int CYMBAL = 55;

  /** The root of each bar of a phrase, in semitones above the bass's own tone; it goes round. */
  private static final List<Integer> ROOTS = List.of(0, 0, 5, 0, 7, 5, 0, 7);

  public BandPart {
    bars = List.copyOf(bars);
  }

  /**
   * A bar.
   *
   * @param tick where it begins, in ticks from the first count of the track; it may lie before it
   * @param ticks how long it is; a phrase that ends early cuts it
   * @param kind which bar it is
   * @param begins whether a phrase begins with it
   * @param root of the bass, in semitones
   */
  public record Bar(int tick, int ticks, Bars.Kind kind, boolean begins, int root) {}

  /** The band for a track of a dance in some meter. */
  public static BandPart of(Track track, Meter meter, Feel feel, SongPhrases phrases) {
    List<Bar> bars = new ArrayList<>();
    int phrase = 0;
    int start = 0;
    while (start < track.songStart() + track.counts()) {
      List<Integer> known = phrases.counts();
      int counts =
          phrase < known.size() ? known.get(phrase) : USUAL_SECTIONS * meter.sectionCounts();
      if (start + counts > track.songStart()) {
        addPhrase(bars, start - track.songStart(), counts, meter.beats(), track.counts());
      }
      start += counts;
      phrase++;
    }
    return new BandPart(feel, bars);
  }

  private static void addPhrase(List<Bar> bars, int from, int counts, int beats, int until) {
    for (int i = 0; i * beats < counts; i++) {
      int start = from + i * beats;
      int length = Math.min(beats, counts - i * beats);
      if (start + length > 0 && start < until) {
        boolean last = (i + 1) * beats >= counts;
        bars.add(
            new Bar(
                start * Count.TICKS,
                length * Count.TICKS,
                last ? Bars.Kind.FILL : Bars.Kind.PLAIN,
                i == 0,
                ROOTS.get(i % ROOTS.size())));
      }
    }
  }

  /**
   * All its sounds in a track, in order of time.
   *
   * @param ticks length of the track
   */
  public List<Hit> hits(int ticks) {
    List<Hit> hits = new ArrayList<>();
    for (Bar bar : bars) {
      if (bar.begins()) {
        hits.add(new Hit(bar.tick(), Instrument.CRASH, CYMBAL, 0));
      }
      for (Hit hit : Bars.of(feel, bar.kind())) {
        if (hit.tick() < bar.ticks()) {
          boolean bass = hit.instrument() == Instrument.BASS;
          int tone = bass ? hit.semitones() + bar.root() : 0;
          hits.add(new Hit(bar.tick() + hit.tick(), hit.instrument(), hit.strength(), tone));
        }
      }
    }
    return hits.stream()
        .filter(hit -> hit.tick() >= 0 && hit.tick() < ticks)
        .sorted(Comparator.comparingInt(Hit::tick))
        .toList();
  }
}
