package ulnaawl;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import ulnaawl.check.CheckSuite;
import ulnaawl.dance.Compilation;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Place;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Weight;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Severity;

/** Dances for tests. */
public final class Dances {

  private Dances() {}

  public static String resource(String name) {
    try (InputStream in =
        Objects.requireNonNull(Dances.class.getResourceAsStream("/" + name), name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  public static String paperLanterns() {
    return resource("dances/paper-lanterns.txt");
  }

  public static Compilation check(String text) {
    return CheckSuite.check(text, FigureBook.standard());
  }

  public static Dance dance(String text) {
    return check(text).dance();
  }

  /** Errors and warnings; what is only worth knowing is left out. */
  public static List<Diagnostic> faults(String text) {
    return check(text).diagnostics().stream()
        .filter(diagnostic -> diagnostic.severity() != Severity.INFO)
        .toList();
  }

  public static List<String> codes(String text) {
    return faults(text).stream().map(one -> one.code().word()).toList();
  }

  /** What is only worth knowing, in words. */
  public static List<String> infos(String text) {
    return check(text).diagnostics().stream()
        .filter(diagnostic -> diagnostic.severity() == Severity.INFO)
        .map(Diagnostic::message)
        .toList();
  }

  /** Whether the rule of a place's action is kept: a foot with the weight on it does not move. */
  public static boolean keepsTheRule(Place place) {
    Weight before = place.before();
    Optional<Foot> foot = place.foot();
    return switch (place.action().effect()) {
      case TAKES, FREE -> foot.map(before::frees).orElse(false);
      case HOPS -> foot.map(it -> !before.frees(it)).orElse(false);
      case SHIFTS -> foot.map(it -> place.after() == Weight.on(it)).orElse(false);
      case LANDS -> place.after() == Weight.BOTH;
      case SETTLES, STILL -> place.after() == before || foot.isPresent();
    };
  }
}
