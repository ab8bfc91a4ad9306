package ulnaawl.cli;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import ulnaawl.wall.SequenceRequest;

/**
 * The words after {@code ./ulna steps}.
 *
 * @param files the dance files; at least one
 * @param json whether to print JSON
 * @param walls number of walls to lay out, where stated
 * @param optional whether optional tags and restarts are danced
 */
record StepsArguments(List<String> files, boolean json, OptionalInt walls, boolean optional) {

  StepsArguments {
    files = List.copyOf(files);
  }

  static StepsArguments parse(String[] words) throws WrongWords {
    List<String> files = new ArrayList<>();
    boolean json = false;
    boolean optional = false;
    OptionalInt walls = OptionalInt.empty();
    for (int i = 0; i < words.length; i++) {
      String word = words[i];
      if (word.equals("--json")) {
        json = true;
      } else if (word.equals("--optional")) {
        optional = true;
      } else if (word.equals("--walls")) {
        i++;
        walls = OptionalInt.of(wallsOf(i < words.length ? words[i] : ""));
      } else if (word.startsWith("--")) {
        throw new WrongWords(
            "steps does not know '" + word + "'; it knows --json, --walls N and --optional");
      } else {
        files.add(word);
      }
    }
    if (files.isEmpty()) {
      throw new WrongWords(
          "steps wants a file: ./ulna steps FILE… [--json] [--walls N] [--optional]");
    }
    return new StepsArguments(files, json, walls, optional);
  }

  private static int wallsOf(String word) throws WrongWords {
    if (word.matches("\\d{1,3}")) {
      int walls = Integer.parseInt(word);
      if (walls >= 1 && walls <= SequenceRequest.MOST_WALLS) {
        return walls;
      }
    }
    throw new WrongWords(
        "--walls wants a number from 1 to " + SequenceRequest.MOST_WALLS + ", not '" + word + "'");
  }
}
