package ulnaawl.figure;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lombok.AccessLevel;
import lombok.RequiredArgsConstructor;
import ulnaawl.figure.FigureStep.Mover;

/**
 * Reads the figure book's data format.
 *
 * <pre>
 * family NAME          the figures below belong together
 * figure NAME
 *   also       synonyms, parted by commas
 *   level      the level at which groups usually meet it
 *   rhythm     how it is counted, the usual way first; belongs to the steps line below it
 *   steps      WHO ACTION PLACEMENT, ...   F leading foot, O other foot, - no foot;
 *              D=fwd is the direction that was typed, forward where none was
 *   when DIR   other steps, where that direction was typed
 *   turn       on STEPS [half STEPS] [shares SIZES] [default SIZE] [toward|away] [letter] [line]:
 *              where a turn falls (a half turn elsewhere, a quarter on each step), and which turn
 *              it is where none was typed (toward or away from the leading foot); with "letter" an
 *              R or L after the figure is the side one turns to, not a foot; with "line" turned
 *              steps keep to the line that the figure travels on
 *   call       the word that is called for it; its name where none stands
 *   say        a beginner's explanation
 *   care       the usual caution
 *   easier     the usual easier replacement, as step text items for a right lead
 * </pre>
 *
 * Mirrored for a left lead. Actions are described at the head of their file.
 */
@RequiredArgsConstructor(access = AccessLevel.PRIVATE)
final class FigureBookReader {

  private static final java.util.regex.Pattern NAME =
      java.util.regex.Pattern.compile("[\\p{L}][\\p{L}-]*( [\\p{L}][\\p{L}-]*){0,3}");

  private final Map<String, Movement> actions;
  private final List<Figure> figures = new ArrayList<>();
  private String family = "our own";
  private int line;

  /** Reads figures, and actions where the data has some. */
  static List<Figure> read(String data, Map<String, Movement> actions) {
    return new FigureBookReader(actions).readAll(data);
  }

  private List<Figure> readAll(String data) {
    Draft draft = null;
    for (String raw : data.split("\n", -1)) {
      line++;
      String text = raw.strip();
      if (text.isEmpty() || text.startsWith("#")) {
        continue;
      }
      int space = text.indexOf(' ');
      String key = space < 0 ? text : text.substring(0, space);
      String value = space < 0 ? "" : text.substring(space + 1).strip();
      if (key.equals("action")) {
        readAction(value);
      } else if (key.equals("family")) {
        finish(draft);
        draft = null;
        family = value;
      } else if (key.equals("figure")) {
        finish(draft);
        draft = new Draft(value.toLowerCase(Locale.ROOT), family);
      } else if (draft == null) {
        throw fail("'" + key + "' stands before the first figure");
      } else {
        draft.take(key, value);
      }
    }
    finish(draft);
    return figures;
  }

  private void finish(@org.jspecify.annotations.Nullable Draft draft) {
    if (draft != null) {
      figures.add(draft.figure());
    }
  }

  private void readAction(String value) {
    String[] words = value.split("\\s+");
    boolean lifted = words.length == 3 && words[2].equals("air");
    boolean withBoth = words.length == 3 && words[2].equals("both");
    if (words.length != 2 && !lifted && !withBoth) {
      throw fail(
          "an action is a name and an effect, and 'air' where the foot ends above the floor, or"
              + " 'both' where both feet do it");
    }
    for (WeightEffect effect : WeightEffect.values()) {
      if (effect.name().equalsIgnoreCase(words[1])) {
        actions.put(words[0], new Movement(words[0], effect, lifted, withBoth));
        return;
      }
    }
    throw fail("unknown effect '" + words[1] + "'");
  }

  private List<FigureStep> readSteps(String value) {
    List<FigureStep> steps = new ArrayList<>();
    for (String part : value.split(",")) {
      String[] words = part.strip().split("\\s+");
      if (words.length != 3) {
        throw fail("'" + part.strip() + "' is not WHO ACTION PLACEMENT");
      }
      Mover mover =
          switch (words[0]) {
            case "F" -> Mover.LEAD;
            case "O" -> Mover.OTHER;
            case "-" -> Mover.NONE;
            default -> throw fail("'" + words[0] + "' is not F, O or -");
          };
      Movement action = actions.get(words[1]);
      if (action == null) {
        throw fail("unknown action '" + words[1] + "'");
      }
      boolean fromText = words[2].startsWith("D=");
      String place = fromText ? words[2].substring(2) : words[2];
      Placement placement =
          Placement.named(place).orElseThrow(() -> fail("unknown placement '" + place + "'"));
      steps.add(new FigureStep(mover, action, placement, fromText));
    }
    return steps;
  }

  private TurnRule readTurn(String value) {
    List<Integer> on = new ArrayList<>();
    List<Integer> half = new ArrayList<>();
    List<Integer> shares = new ArrayList<>();
    boolean alongLine = false;
    int size = 0;
    boolean toward = true;
    boolean letterIsSide = false;
    String mode = "";
    for (String word : value.split("\\s+")) {
      switch (word) {
        case "on", "half", "shares", "default" -> mode = word;
        case "toward" -> toward = true;
        case "away" -> toward = false;
        case "letter" -> letterIsSide = true;
        case "line" -> alongLine = true;
        default -> {
          switch (mode) {
            case "on" -> on.add(Integer.valueOf(word));
            case "half" -> half.add(Integer.valueOf(word));
            case "shares" -> shares.add(eighths(word));
            case "default" -> size = eighths(word);
            default -> throw fail("'" + word + "' in a turn");
          }
        }
      }
    }
    return new TurnRule(on, half, shares, size, toward, letterIsSide, alongLine);
  }

  private int eighths(String word) {
    return TurnSize.eighths(word).orElseThrow(() -> fail("unknown turn '" + word + "'"));
  }

  private FigureBookException fail(String why) {
    return new FigureBookException(line, why);
  }

  private final class Draft {
    private final String name;
    private final String ofFamily;
    private final List<String> synonyms = new ArrayList<>();
    private final List<Pattern> patterns = new ArrayList<>();
    private final Map<Placement, Pattern> variants = new EnumMap<>(Placement.class);
    private Level level = Level.IMPROVER;
    private TurnRule turn = TurnRule.AFTER;
    private String call;
    private Optional<String> aloud = Optional.empty();
    private String say = "";
    private Optional<String> care = Optional.empty();
    private Optional<String> easier = Optional.empty();
    private List<String> rhythms = List.of("1");

    Draft(String name, String ofFamily) {
      if (!NAME.matcher(name).matches()) {
        throw fail("a figure's name is one to four words of letters, not '" + name + "'");
      }
      this.name = name;
      this.ofFamily = ofFamily;
      this.call = name;
    }

    void take(String key, String value) {
      switch (key) {
        case "also" -> {
          for (String synonym : value.split(",")) {
            synonyms.add(synonym.strip().toLowerCase(Locale.ROOT));
          }
        }
        case "level" ->
            level = Level.named(value).orElseThrow(() -> fail("unknown level '" + value + "'"));
        case "rhythm" -> rhythms = Stream.of(value.split(",")).map(String::strip).toList();
        case "steps" -> patterns.add(new Pattern(rhythms, readSteps(value)));
        case "when" -> {
          int space = value.indexOf(' ');
          String word = space < 0 ? value : value.substring(0, space);
          Placement direction =
              Placement.named(word).orElseThrow(() -> fail("unknown direction '" + word + "'"));
          variants.put(direction, new Pattern(rhythms, readSteps(value.substring(space + 1))));
        }
        case "turn" -> turn = readTurn(value);
        case "call" -> call = value.toLowerCase(Locale.ROOT);
        case "aloud" -> aloud = Optional.of(value);
        case "say" -> say = value;
        case "care" -> care = Optional.of(value);
        case "easier" -> easier = Optional.of(value);
        default -> throw fail("unknown key '" + key + "'");
      }
    }

    Figure figure() {
      if (patterns.isEmpty()) {
        throw fail("figure '" + name + "' has no steps");
      }
      if (!call.equals(name) && !synonyms.contains(call)) {
        throw fail("'" + call + "' is called for " + name + ", but is none of its names");
      }
      int longest = patterns.stream().mapToInt(Pattern::places).max().orElse(0);
      if (!turn.steps().isEmpty() && turn.steps().getLast() > longest) {
        throw fail("figure '" + name + "' turns on a step that it does not have");
      }
      return new Figure(
          name,
          synonyms,
          ofFamily,
          level,
          patterns,
          variants,
          turn,
          new FigureGuide(call, aloud, say, care, easier));
    }
  }
}
