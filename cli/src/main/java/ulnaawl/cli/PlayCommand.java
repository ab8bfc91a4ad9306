package ulnaawl.cli;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import ulnaawl.check.CheckSuite;
import ulnaawl.dance.Compilation;
import ulnaawl.dance.Dance;
import ulnaawl.figure.FigureBook;
import ulnaawl.formats.sound.Mix;
import ulnaawl.formats.sound.PracticeMidi;
import ulnaawl.formats.sound.PracticeWav;
import ulnaawl.music.Count;
import ulnaawl.music.Meter;
import ulnaawl.music.PlayTime;
import ulnaawl.music.SongPhrases;
import ulnaawl.music.Tempo;
import ulnaawl.play.Performance;
import ulnaawl.play.Said;
import ulnaawl.play.Track;
import ulnaawl.play.band.BandPart;
import ulnaawl.play.band.Feel;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.text.Diagnostic;
import ulnaawl.words.Speech;

/** Plays a dance into files for practice at home, or prints what is called on which count. */
@RequiredArgsConstructor
public final class PlayCommand {

  private static final Speech SPEECH = Speech.english();

  private final PrintStream out;
  private final PrintStream err;

  /** Runs the command; answers its exit status: 1 with errors in the dance, 2 where it cannot. */
  public int run(String[] words) {
    try {
      PlayArguments arguments = PlayArguments.parse(words);
      Compilation compiled =
          CheckSuite.check(DanceFile.read(arguments.file()), FigureBook.standard());
      Optional<Diagnostic> wrong =
          compiled.diagnostics().stream().filter(Diagnostic::isError).findFirst();
      if (wrong.isPresent() || compiled.dance().sections().isEmpty()) {
        err.println(
            "ulna: "
                + arguments.file()
                + " cannot be played: "
                + wrong.map(Diagnostic::message).orElse("it has no section")
                + " (./ulna steps says more)");
        return 1;
      }
      play(compiled.dance(), arguments);
      return 0;
    } catch (WrongWords | Unreadable | IllegalArgumentException e) {
      err.println("ulna: " + e.getMessage());
    } catch (IOException e) {
      err.println("ulna: the file cannot be written: " + e.getMessage());
    }
    return 2;
  }

  private void play(Dance dance, PlayArguments arguments) throws WrongWords, IOException {
    Lesson lesson = new Lesson(dance, FigureBook.standard(), Learner.fresh(TeachPace.PLAIN));
    Scope scope = scope(lesson, arguments);
    Meter meter = dance.headers().meter();
    Tempo rate = lesson.rate().atPercent(arguments.percent());
    Track track = Track.of(lesson, scope);
    Performance performance = Performance.of(track, meter, rate, SPEECH.walls());
    Feel feel = Feel.of(dance, Optional.empty());
    BandPart band = BandPart.of(track, meter, feel, SongPhrases.UNKNOWN);
    out.println(
        dance.title()
            + ", "
            + named(scope)
            + ": "
            + track.counts()
            + " counts at "
            + rate.label()
            + " a minute, "
            + PlayTime.of((int) (performance.nanos() / 1_000_000_000L))
            + " with the count-in");
    if (arguments.wav().isPresent()) {
      PracticeWav wav = PracticeWav.of(performance, band, arguments.click() ? Mix.CLICK : Mix.ALL);
      write(arguments.wav().get(), wav::write);
      if (!wav.unsaid().isEmpty()) {
        out.println("not spoken, for there is no clip: " + String.join(", ", wav.unsaid()));
      }
    }
    if (arguments.midi().isPresent()) {
      write(
          arguments.midi().get(),
          to -> PracticeMidi.write(dance.title(), performance, band, SPEECH.walls(), to));
    }
    if (arguments.wav().isEmpty() && arguments.midi().isEmpty()) {
      performance.said().stream()
          .filter(it -> it.kind() != Said.Kind.COUNT)
          .forEach(it -> out.printf("%8s  %s%n", when(it, meter), it.text()));
    }
  }

  /**
   * The count on which a call begins; a quarter of a count is the finest. Counts that are counted
   * in stand in brackets.
   */
  private static String when(Said said, Meter meter) {
    int quarters = Math.floorDiv(said.tick() * 4, Count.TICKS);
    String between = List.of("", "e", "&", "a").get(Math.floorMod(quarters, 4));
    int count = Math.floorDiv(quarters, 4) + 1;
    return count < 1 ? "(" + (meter.sectionCounts() + count) + between + ")" : count + between;
  }

  private static Scope scope(Lesson lesson, PlayArguments arguments) throws WrongWords {
    Scope scope;
    if (arguments.section().isPresent()) {
      scope = new Scope.OneSection(arguments.section().getAsInt());
    } else if (arguments.wall().isEmpty() && arguments.walls().isEmpty()) {
      scope = new Scope.Song();
    } else {
      int from = arguments.wall().orElse(1);
      int last = lesson.song().walls().size();
      int to = arguments.walls().isPresent() ? from + arguments.walls().getAsInt() - 1 : last;
      scope = new Scope.Walls(from, Math.max(from, to));
    }
    if (!lesson.has(scope)) {
      throw new WrongWords(
          "this dance has "
              + lesson.sections().size()
              + " sections, and "
              + lesson.walls().walls().size()
              + " walls can be played; there is no "
              + named(scope));
    }
    return scope;
  }

  /** In the middle of a sentence. */
  private static String named(Scope scope) {
    String name = SPEECH.teach().scope(scope);
    return Character.toLowerCase(name.charAt(0)) + name.substring(1);
  }

  private interface Written {
    void to(OutputStream out) throws IOException;
  }

  private void write(Path file, Written written) throws IOException {
    try (OutputStream to = new BufferedOutputStream(Files.newOutputStream(file))) {
      written.to(to);
    }
    out.println("written: " + file);
  }
}
