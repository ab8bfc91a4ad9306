package ulnaawl.words;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.dance.Call;
import ulnaawl.teach.cue.Cues;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.wall.CallSheet;
import ulnaawl.wall.EventId;

/**
 * What is called for an exception over the music, with its steps: {@code tag: sway four}. The
 * longest that can be said before it is danced.
 */
final class Shout {

  private static final List<String> NUMBERS =
      List.of("", "", "two", "three", "four", "five", "six", "seven", "eight");

  private Shout() {}

  static String of(CallSheet.Call call) {
    List<String> ways = ways(call);
    long time =
        call.begins().isPresent() && call.callMillis().isPresent()
            ? call.begins().getAsLong() - call.callMillis().getAsLong()
            : TeachPace.USUAL_RATE.millisOf(CallSheet.AHEAD);
    return ways.stream().filter(it -> Cues.fits(it, time)).findFirst().orElseGet(ways::getLast);
  }

  /** From the longest to the shortest. */
  static List<String> ways(CallSheet.Call call) {
    String kind = kind(call.what());
    List<Call> steps = call.steps().stream().flatMap(it -> it.calls().stream()).toList();
    if (steps.isEmpty()) {
      return List.of(kind);
    }
    List<String> full = call.steps().stream().map(it -> Call.together(it.calls())).toList();
    return List.of(
        kind + ": " + String.join(", ", full),
        kind + ": " + counted(steps.stream().map(it -> it.withoutFoot().aloud()).toList()),
        kind + ": " + counted(steps.stream().map(Call::name).toList()),
        kind);
  }

  /** What is said ahead of it. */
  static String warning(CallSheet.Call call) {
    return kind(call.what()) + " coming";
  }

  /** The same in a row is counted: {@code sway four}. */
  private static String counted(List<String> words) {
    List<String> said = new ArrayList<>();
    int from = 0;
    for (int i = 1; i <= words.size(); i++) {
      if (i == words.size() || !words.get(i).equals(words.get(from))) {
        int times = i - from;
        String often = times < NUMBERS.size() ? NUMBERS.get(times) : String.valueOf(times);
        said.add(times == 1 ? words.get(from) : words.get(from) + " " + often);
        from = i;
      }
    }
    return String.join(", ", said);
  }

  private static String kind(CallSheet.What what) {
    return switch (what) {
      case CallSheet.What.Part it -> "part " + it.name();
      case CallSheet.What.Event it ->
          switch (it.event()) {
            case EventId.Restart _ -> it.changed() ? "change and restart" : "restart";
            case EventId.Tag _ -> "tag";
            case EventId.Bridge _ -> "bridge";
            case EventId.Repeat repeat -> repeat.sections() + " again";
            case EventId.Ending _ -> "ending";
          };
    };
  }
}
