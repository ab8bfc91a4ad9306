package ulnaawl.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import ulnaawl.dance.Dance;
import ulnaawl.floor.Facing;
import ulnaawl.notation.Phrase;
import ulnaawl.notation.Phrase.RestartPhrase;
import ulnaawl.notation.Phrase.StartPhrase;
import ulnaawl.notation.Phrase.TagPhrase;
import ulnaawl.notation.Stated;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Mend;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallEvent;
import ulnaawl.wall.WallSequence;

/** What the sheet says of facings, held against the walls as they are really danced. */
final class StatedFacingCheck implements Check {

  private static final int SHOWN = 4;

  @Override
  public List<Diagnostic> check(Subject subject) {
    List<Diagnostic> found = new ArrayList<>();
    for (Phrase phrase : subject.dance().script().phrasing()) {
      switch (phrase) {
        case StartPhrase start -> {
          WallSequence walls = walls(subject, false);
          for (Stated<Integer> wall : start.walls()) {
            at(walls, wall.value())
                .filter(it -> !it.startFacing().equals(start.facing().value()))
                .ifPresent(it ->
                    found.add(
                        say(
                            "Wall " + wall.value() + " starts",
                            it.startFacing(),
                            start.facing(),
                            walls)));
          }
        }
        case RestartPhrase restart when restart.facing().isPresent() -> {
          WallSequence walls = walls(subject, restart.optional());
          for (Stated<Integer> wall : restart.walls()) {
            at(walls, wall.value())
                .filter(it -> !it.endFacing().equals(restart.facing().get().value()))
                .ifPresent(it ->
                    found.add(
                        say(
                            "The restart on wall " + wall.value() + " is",
                            it.endFacing(),
                            restart.facing().get(),
                            walls)));
          }
        }
        case TagPhrase tag when tag.facing().isPresent() -> {
          WallSequence walls = walls(subject, tag.optional());
          for (Stated<Integer> wall : tag.walls()) {
            at(walls, wall.value()).stream()
                .flatMap(it -> it.events().stream())
                .filter(event -> event.kind() == WallEvent.Kind.TAG)
                .filter(event -> event.span().equals(tag.span()))
                .filter(event -> !event.from().equals(tag.facing().get().value()))
                .forEach(event ->
                    found.add(
                        say(
                            "The tag after wall " + wall.value() + " begins",
                            event.from(),
                            tag.facing().get(),
                            walls)));
          }
        }
        default -> {
          // Nothing is stated there.
        }
      }
    }
    return found;
  }

  private static WallSequence walls(Subject subject, boolean optional) {
    Dance dance = subject.dance();
    return WallSequence.of(
        dance,
        new SequenceRequest(
            Optional.empty(), OptionalInt.of(subject.sequence().walls().size()), optional));
  }

  private static Optional<Wall> at(WallSequence walls, int number) {
    return walls.walls().stream().filter(wall -> wall.number() == number).findFirst();
  }

  private static Diagnostic say(
      String what, Facing computed, Stated<Facing> stated, WallSequence walls) {
    List<Integer> there = walls.startingAt(stated.value());
    String who =
        there.isEmpty()
            ? "no wall of this dance starts at " + stated.value().clock()
            : "the walls that start at "
                + stated.value().clock()
                + " are "
                + there.stream().limit(SHOWN).map(String::valueOf).collect(Collectors.joining(", "))
                + (there.size() > SHOWN ? " …" : "");
    return Diagnostic.of(
        Code.STATED_FACING,
        stated.span(),
        what + " facing " + computed.clock() + ", not " + stated.value().clock() + ": " + who + ".",
        new Mend("Change to " + computed.clock(), stated.span(), computed.clock()));
  }
}
