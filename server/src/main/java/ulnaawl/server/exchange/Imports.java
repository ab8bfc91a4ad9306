package ulnaawl.server.exchange;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.formats.intake.Intake;
import ulnaawl.formats.intake.Part;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.exchange.ImportStore.Batch;
import ulnaawl.server.exchange.ImportStore.Thing;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/**
 * Files of any kind: looked at, taken in together or not at all, and undone together as far as
 * nobody has gone on from what came.
 */
@Service
class Imports {

  private static final int MOST_FOUND = 8000;
  private static final int LONGEST_FILES = 2000;

  private final List<Incoming> all;
  private final ImportStore store;
  private final Today today;

  Imports(List<Incoming> all, ImportStore store, Today today) {
    this.all = all.stream().sorted(Comparator.comparing(Incoming::kind)).toList();
    this.store = store;
    this.today = today;
  }

  /** A file as it was sent, and what is in it: itself, or the files of a bundle. */
  record Sent(String name, List<Part> parts) {
    Sent {
      parts = List.copyOf(parts);
    }
  }

  /** Something that was found, and by whom. */
  record Seen(Kind kind, Found found) {}

  /** What was found in some files. */
  record Looked(List<Part> parts, List<Seen> found) {}

  /**
   * Something that was chosen to be taken, as it looked then.
   *
   * @param number its place among all that was found, from 0
   */
  record Chosen(int number, String title, Found.State state) {}

  /** Something that an undoing left as it is. */
  record Left(Kind kind, String why) {}

  /** What the files hold; nothing is changed. */
  Looked look(List<Sent> files) {
    List<Part> parts = new ArrayList<>();
    files.forEach(it -> parts.addAll(it.parts()));
    if (parts.size() > Intake.MOST_FILES) {
      throw Problem.rejected(
          "These are " + parts.size() + " files; up to " + Intake.MOST_FILES + " come at once.");
    }
    Brought brought = new Brought(parts);
    Coming coming = new Coming();
    List<Seen> seen = new ArrayList<>();
    for (Incoming one : all) {
      one.look(brought, coming).forEach(it -> seen.add(new Seen(one.kind(), it)));
    }
    if (seen.size() > MOST_FOUND) {
      throw Problem.rejected(
          "There are "
              + seen.size()
              + " things in these files; up to "
              + MOST_FOUND
              + " come at once.");
    }
    return new Looked(parts, List.copyOf(seen));
  }

  /**
   * Takes in what was chosen, all of it or nothing.
   *
   * @return the number by which it can be undone
   */
  @Transactional
  long take(List<Sent> files, List<Chosen> chosen, SignedIn me) {
    if (chosen.isEmpty()) {
      throw Problem.rejected("Nothing is chosen to be taken in.");
    }
    Looked look = look(files);
    Map<Thing.Key, Thing> things = new LinkedHashMap<>();
    for (Chosen one :
        chosen.stream().sorted(Comparator.comparingInt(Chosen::number)).distinct().toList()) {
      Seen seen = seen(look, one);
      seen.kind().need(me);
      Thing thing = new Thing(seen.kind(), taken(look, seen, me));
      // A song that stands in the files twice is one thing to be undone.
      things.merge(thing.key(), thing, Thing::and);
    }
    String names = files.stream().map(Sent::name).collect(Collectors.joining(", "));
    return store.add(
        names.length() > LONGEST_FILES ? names.substring(0, LONGEST_FILES - 1) + "…" : names,
        List.copyOf(things.values()),
        me.person(),
        today.moment());
  }

  private static Seen seen(Looked look, Chosen chosen) {
    if (chosen.number() >= 0 && chosen.number() < look.found().size()) {
      Seen seen = look.found().get(chosen.number());
      Found found = seen.found();
      if (found.title().equals(chosen.title()) && found.state() == chosen.state()) {
        return seen;
      }
    }
    throw Problem.conflict(
        "What the club has was changed in the meantime, so that "
            + chosen.title()
            + " would not come in as you saw it; nothing was taken. Looked at the files again.");
  }

  private static Taken taken(Looked look, Seen seen, SignedIn me) {
    Found found = seen.found();
    try {
      return found.take().orElseThrow(() -> Problem.rejected("There is nothing to take.")).by(me);
    } catch (Problem problem) {
      String line = found.line() > 0 ? ", line " + found.line() : "";
      throw problem.at(
          look.parts().get(found.part()).name() + line + ", " + found.title(),
          "Nothing was taken.");
    }
  }

  List<Batch> newest() {
    return store.newest();
  }

  Map<Kind, Integer> counts(long batch) {
    return store.counts(batch);
  }

  /** Undoes what came in at once; what somebody has gone on from is left, and told. */
  @Transactional
  List<Left> undo(long id, SignedIn me) {
    if (!store.undone(id, me.person(), today.moment())) {
      throw Problem.conflict("This has been undone already, or never came.");
    }
    store.things(id).forEach(it -> it.kind().need(me));
    List<Left> left = new ArrayList<>();
    for (Thing thing : store.things(id)) {
      incoming(thing.kind())
          .undo(thing.taken(), me)
          .ifPresent(why -> left.add(new Left(thing.kind(), why)));
    }
    return left;
  }

  private Incoming incoming(Kind kind) {
    return all.stream().filter(it -> it.kind() == kind).findFirst().orElseThrow();
  }
}
