package ulnaawl.figure;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ulnaawl.figure.FigureStep.Mover;

/** Reads the figure book's data format, which the head of the file describes. */
final class FigureBookReader {

  private final Map<String, Action> actions = new LinkedHashMap<>();
  private final List<Figure> figures = new ArrayList<>();
  private int line;

  static FigureBook read(String data) {
    return new FigureBookReader().readAll(data);
  }

  private FigureBook readAll(String data) {
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
      } else if (key.equals("figure")) {
        finish(draft);
        draft = new Draft(value);
      } else if (draft == null) {
        throw fail("'" + key + "' stands before the first figure");
      } else {
        draft.take(key, value);
      }
    }
    finish(draft);
    return new FigureBook(figures);
  }

  private void finish(@org.jspecify.annotations.Nullable Draft draft) {
    if (draft != null) {
      figures.add(draft.figure());
    }
  }

  private void readAction(String value) {
    String[] words = value.split("\\s+");
    if (words.length != 2) {
      throw fail("an action is a name and an effect");
    }
    for (WeightEffect effect : WeightEffect.values()) {
      if (effect.name().equalsIgnoreCase(words[1])) {
        actions.put(words[0], new Action(words[0], effect));
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
      Action action = actions.get(words[1]);
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
    List<Integer> shares = new ArrayList<>();
    int size = 0;
    boolean toward = true;
    String mode = "";
    for (String word : value.split("\\s+")) {
      switch (word) {
        case "on", "shares", "default" -> mode = word;
        case "toward" -> toward = true;
        case "away" -> toward = false;
        default -> {
          switch (mode) {
            case "on" -> on.add(Integer.valueOf(word));
            case "shares" -> shares.add(eighths(word));
            case "default" -> size = eighths(word);
            default -> throw fail("'" + word + "' in a turn");
          }
        }
      }
    }
    return new TurnRule(on, shares, size, toward);
  }

  private int eighths(String word) {
    return TurnSize.eighths(word).orElseThrow(() -> fail("unknown turn '" + word + "'"));
  }

  private FigureBookException fail(String why) {
    return new FigureBookException(line, why);
  }

  private final class Draft {
    private final String name;
    private final List<String> synonyms = new ArrayList<>();
    private final List<Pattern> patterns = new ArrayList<>();
    private final Map<Placement, Pattern> variants = new EnumMap<>(Placement.class);
    private Level level = Level.IMPROVER;
    private TurnRule turn = TurnRule.AFTER;
    private String say = "";
    private String rhythm = "1";

    Draft(String name) {
      this.name = name;
    }

    void take(String key, String value) {
      switch (key) {
        case "also" -> {
          for (String synonym : value.split(",")) {
            synonyms.add(synonym.strip());
          }
        }
        case "level" ->
            level = Level.named(value).orElseThrow(() -> fail("unknown level '" + value + "'"));
        case "rhythm" -> rhythm = value;
        case "steps" -> patterns.add(new Pattern(rhythm, readSteps(value)));
        case "when" -> {
          int space = value.indexOf(' ');
          String word = space < 0 ? value : value.substring(0, space);
          Placement direction =
              Placement.named(word).orElseThrow(() -> fail("unknown direction '" + word + "'"));
          variants.put(direction, new Pattern(rhythm, readSteps(value.substring(space + 1))));
        }
        case "turn" -> turn = readTurn(value);
        case "say" -> say = value;
        default -> throw fail("unknown key '" + key + "'");
      }
    }

    Figure figure() {
      if (patterns.isEmpty()) {
        throw fail("figure '" + name + "' has no steps");
      }
      return new Figure(name, synonyms, level, patterns, variants, turn, say);
    }
  }
}
