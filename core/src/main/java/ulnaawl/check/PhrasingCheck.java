package ulnaawl.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ulnaawl.dance.Dance;
import ulnaawl.notation.Phrase;
import ulnaawl.notation.Stated;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Mend;

/** What the phrasing names is there: tags by name, counts that are danced, sections, parts. */
final class PhrasingCheck implements Check {

  @Override
  public List<Diagnostic> check(Subject subject) {
    Dance dance = subject.dance();
    List<Diagnostic> found = new ArrayList<>();
    Map<Integer, Phrase> restarts = new HashMap<>();
    for (Phrase phrase : dance.script().phrasing()) {
      switch (phrase) {
        case Phrase.TagPhrase tag -> sayIfUnknown(dance, tag.tag(), found);
        case Phrase.RestartPhrase restart -> {
          sayIfPastEnd(dance, restart.after(), "restart", true, found);
          for (Stated<Integer> wall : restart.walls()) {
            if (restarts.putIfAbsent(wall.value(), restart) != null) {
              found.add(
                  Diagnostic.of(
                      Code.TWO_RESTARTS,
                      wall.span(),
                      "Wall " + wall.value() + " has two restarts; only the later line counts."));
            }
          }
        }
        case Phrase.BridgePhrase bridge -> {
          sayIfUnknown(dance, bridge.bridge(), found);
          sayIfPastEnd(dance, bridge.after(), "bridge", false, found);
        }
        case Phrase.EndingPhrase ending -> {
          sayIfUnknown(dance, ending.ending(), found);
          sayIfPastEnd(dance, ending.after(), "ending", false, found);
        }
        case Phrase.RepeatPhrase repeat -> {
          sayIfNoSection(dance, repeat.first(), found);
          if (!repeat.last().equals(repeat.first())) {
            sayIfNoSection(dance, repeat.last(), found);
            sayIfNotInARow(repeat, found);
          }
        }
        case Phrase.StartPhrase start -> {
          // What it says of a wall is held against the sequence elsewhere.
        }
        case Phrase.OrderPhrase order -> sayOrder(dance, order, found);
      }
    }
    return found;
  }

  private static void sayIfUnknown(Dance dance, Stated<String> name, List<Diagnostic> found) {
    if (dance.extra(name.value()).isPresent()) {
      return;
    }
    List<Mend> mends =
        dance.extras().values().stream()
            .map(extra -> new Mend("Change to " + extra.name(), name.span(), extra.name()))
            .toList();
    String known =
        mends.isEmpty()
            ? "write its steps below a heading 'tag " + name.value() + "'."
            : "there is "
                + String.join(
                    ", ", dance.extras().values().stream().map(e -> e.name()).sorted().toList())
                + ".";
    found.add(
        Diagnostic.of(
                Code.UNKNOWN_TAG,
                name.span(),
                "Nothing here is called " + name.value() + "; " + known)
            .withMends(mends));
  }

  private static void sayIfPastEnd(
      Dance dance, Stated<Integer> after, String what, boolean before, List<Diagnostic> found) {
    int counts = dance.main().counts();
    if (counts == 0) {
      return;
    }
    int most = before ? counts - 1 : counts;
    if (after.value() < 1 || after.value() > most) {
      found.add(
          Diagnostic.of(
              Code.AFTER_COUNTS,
              after.span(),
              ("ending".equals(what) ? "An " : "A ")
                  + what
                  + " comes after 1 to "
                  + most
                  + " counts: a wall of this dance has "
                  + counts
                  + ", not "
                  + after.value()
                  + "."));
    }
  }

  private static void sayIfNoSection(Dance dance, Stated<Integer> section, List<Diagnostic> found) {
    int most = dance.sections().size();
    if (section.value() < 1 || section.value() > most) {
      found.add(
          Diagnostic.of(
              Code.UNKNOWN_SECTION,
              section.span(),
              "There is no section " + section.value() + "; the dance has " + most + "."));
    }
  }

  private static void sayIfNotInARow(Phrase.RepeatPhrase repeat, List<Diagnostic> found) {
    if (repeat.last().value() < repeat.first().value()) {
      found.add(
          Diagnostic.of(
              Code.UNKNOWN_SECTION,
              repeat.last().span(),
              "Sections are repeated in a row, the first one first: "
                  + repeat.last().value()
                  + " comes before "
                  + repeat.first().value()
                  + "."));
    }
  }

  private static void sayOrder(Dance dance, Phrase.OrderPhrase order, List<Diagnostic> found) {
    boolean first = true;
    for (Stated<String> name : order.names()) {
      boolean part = dance.part(name.value()).isPresent();
      if (!part && dance.extra(name.value()).isEmpty()) {
        found.add(
            Diagnostic.of(
                Code.UNKNOWN_PART,
                name.span(),
                "Nothing here is called "
                    + name.value()
                    + "; the parts are "
                    + String.join(", ", dance.parts().stream().map(p -> p.name()).toList())
                    + "."));
      } else if (!part && first) {
        found.add(
            Diagnostic.of(
                Code.ORDER_START,
                name.span(),
                "The order begins with a part; write what is danced before it as a part of its "
                    + "own."));
      }
      first = false;
    }
  }
}
