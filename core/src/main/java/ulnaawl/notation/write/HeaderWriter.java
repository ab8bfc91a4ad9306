package ulnaawl.notation.write;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import ulnaawl.floor.Weight;
import ulnaawl.music.CountRate;
import ulnaawl.music.Meter;
import ulnaawl.music.PlayTime;
import ulnaawl.music.Song;
import ulnaawl.notation.Headers;
import ulnaawl.notation.Script;
import ulnaawl.notation.Stated;

/** Writes the headers in their fixed order. */
@RequiredArgsConstructor
final class HeaderWriter {

  private final Script script;
  private final List<Stated<String>> lines = new ArrayList<>();

  /** The lines, each with where its source stands. */
  List<Stated<String>> lines() {
    Headers headers = script.headers();
    lines.add(new Stated<>("title: " + headers.title(), script.titleSpan()));
    add("by", headers.by());
    add("level", headers.level().map(level -> new Stated<>(level.value().label(), level.span())));
    add("counts", headers.counts().map(counts -> counts(counts, headers.tagCounts())));
    add("walls", headers.walls());
    if (headers.meter() == Meter.THREE) {
      lines.add(new Stated<>("meter: 3", script.titleSpan()));
    }
    add("start", headers.start().map(start -> new Stated<>(start(start.value()), start.span())));
    add("intro", headers.intro());
    add("style", headers.style());
    headers.songs().forEach(song -> add("song", Optional.of(song(song))));
    headers.notes().forEach(note -> add("note", Optional.of(note)));
    return lines;
  }

  private void add(String name, Optional<? extends Stated<?>> stated) {
    stated.ifPresent(it -> lines.add(new Stated<>(name + ": " + it.value(), it.span())));
  }

  private static Stated<String> counts(
      Stated<Integer> counts, Optional<Stated<Integer>> tagCounts) {
    return new Stated<>(
        counts.value() + tagCounts.map(more -> " + " + more.value()).orElse(""), counts.span());
  }

  private static String start(Weight weight) {
    return weight == Weight.BOTH ? "both" : "weight " + weight.label();
  }

  private static Stated<String> song(Stated<Song> stated) {
    Song song = stated.value();
    StringBuilder text = new StringBuilder(song.title());
    song.artist().ifPresent(artist -> text.append(" / ").append(artist));
    song.bpm().ifPresent(bpm -> text.append(" / ").append(bpm.label()).append(" bpm"));
    if (song.rate() != CountRate.FULL) {
      text.append(" / count rate ").append(song.rate() == CountRate.HALF ? "1/2" : "2");
    }
    song.lengthSeconds().ifPresent(length -> text.append(" / ").append(PlayTime.of(length)));
    return new Stated<>(text.toString(), stated.span());
  }
}
