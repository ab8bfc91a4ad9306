package ulnaawl.notation.write;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import ulnaawl.floor.Facing;
import ulnaawl.notation.Phrase;
import ulnaawl.notation.Phrase.BridgePhrase;
import ulnaawl.notation.Phrase.EndingPhrase;
import ulnaawl.notation.Phrase.OrderPhrase;
import ulnaawl.notation.Phrase.RepeatPhrase;
import ulnaawl.notation.Phrase.RestartPhrase;
import ulnaawl.notation.Phrase.StartPhrase;
import ulnaawl.notation.Phrase.TagPhrase;
import ulnaawl.notation.Stated;
import ulnaawl.notation.StepLine;

/** Writes a line of the phrasing. */
@RequiredArgsConstructor
final class PhraseWriter {

  private final ItemWriter items;

  String line(Phrase phrase) {
    return switch (phrase) {
      case TagPhrase tag ->
          "after "
              + walls(tag.walls())
              + "tag "
              + tag.tag().value()
              + (tag.optional() ? " optional" : "")
              + facing(tag.facing());
      case RestartPhrase restart ->
          walls(restart.walls())
              + "restart after "
              + restart.after().value()
              + (restart.optional() ? " optional" : "")
              + facing(restart.facing())
              + restart.change().map(this::change).orElse("");
      case StartPhrase start ->
          walls(start.walls()) + "starts facing " + start.facing().value().clock();
      case BridgePhrase bridge ->
          walls(bridge.walls())
              + "bridge "
              + bridge.bridge().value()
              + " after "
              + bridge.after().value();
      case RepeatPhrase repeat ->
          walls(repeat.walls())
              + sections(repeat.first().value(), repeat.last().value())
              + " x"
              + repeat.times();
      case EndingPhrase ending ->
          walls(List.of(ending.wall()))
              + "ending after "
              + ending.after().value()
              + ": "
              + ending.ending().value();
      case OrderPhrase order ->
          "order: " + order.names().stream().map(Stated::value).collect(Collectors.joining(" "));
    };
  }

  private static String sections(int first, int last) {
    return first == last ? "repeat section " + first : "repeat sections " + first + "-" + last;
  }

  private String change(StepLine line) {
    return " changing " + CountsWriter.write(line.counts()) + ": " + items.write(line.items());
  }

  private static String facing(Optional<Stated<Facing>> facing) {
    return facing.map(stated -> " facing " + stated.value().clock()).orElse("");
  }

  private static String walls(List<Stated<Integer>> walls) {
    return "wall "
        + walls.stream().map(wall -> String.valueOf(wall.value())).collect(Collectors.joining(", "))
        + ": ";
  }
}
