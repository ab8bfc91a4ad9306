package ulnaawl.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The words after {@code ./ulna read}.
 *
 * @param files the sheets; at least one
 * @param json whether to print JSON
 * @param to the folder that gets a step text for each sheet
 */
record ReadArguments(List<String> files, boolean json, Optional<Path> to) {

  private static final String USE = "./ulna read FILE… [--json] [--to DIR]";

  ReadArguments {
    files = List.copyOf(files);
  }

  static ReadArguments parse(String[] words) throws WrongWords {
    List<String> files = new ArrayList<>();
    boolean json = false;
    Optional<Path> to = Optional.empty();
    for (int i = 0; i < words.length; i++) {
      String word = words[i];
      if (word.equals("--json")) {
        json = true;
      } else if (word.equals("--to")) {
        i++;
        if (i >= words.length || words[i].isBlank()) {
          throw new WrongWords("--to wants a folder: " + USE);
        }
        to = Optional.of(Path.of(words[i]));
      } else if (word.startsWith("--")) {
        throw new WrongWords("read does not know '" + word + "'; it knows --json and --to DIR");
      } else {
        files.add(word);
      }
    }
    if (files.isEmpty()) {
      throw new WrongWords("read wants a file: " + USE);
    }
    return new ReadArguments(files, json, to);
  }
}
