package ulnaawl.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import ulnaawl.teach.ladder.TempoLadder;
import ulnaawl.wall.SequenceRequest;

/**
 * The words after {@code ./ulna play}.
 *
 * @param file the dance file
 * @param wall the first wall, from 1; empty: wall 1
 * @param walls how many walls; empty: as many as the song holds
 * @param section a section by itself, by its number
 * @param percent speed in percent of the full rate
 * @param click whether only the click is heard
 * @param wav where the sound goes
 * @param midi where the notes go
 */
record PlayArguments(
    String file,
    OptionalInt wall,
    OptionalInt walls,
    OptionalInt section,
    int percent,
    boolean click,
    Optional<Path> wav,
    Optional<Path> midi) {

  private static final String USE =
      "./ulna play FILE [--wall N] [--walls N] [--section N] [--percent P] [--click] [--wav OUT]"
          + " [--midi OUT]";

  private static final int MOST_SECTIONS = 999;

  private static final List<String> WITH_A_WORD =
      List.of("--wall", "--walls", "--section", "--percent", "--wav", "--midi");

  static PlayArguments parse(String[] words) throws WrongWords {
    Map<String, String> given = new LinkedHashMap<>();
    List<String> files = new ArrayList<>();
    boolean click = false;
    for (int i = 0; i < words.length; i++) {
      String word = words[i];
      if (WITH_A_WORD.contains(word)) {
        i++;
        given.put(word, i < words.length ? words[i] : "");
      } else if (word.equals("--click")) {
        click = true;
      } else if (word.startsWith("--")) {
        throw new WrongWords("play does not know '" + word + "': " + USE);
      } else {
        files.add(word);
      }
    }
    if (files.size() != 1) {
      throw new WrongWords("play wants one file: " + USE);
    }
    if (given.containsKey("--section")
        && (given.containsKey("--wall") || given.containsKey("--walls"))) {
      throw new WrongWords("play takes a section or walls, not both: " + USE);
    }
    OptionalInt percent = number(given, "--percent", TempoLadder.LOWEST, TempoLadder.FASTEST);
    return new PlayArguments(
        files.getFirst(),
        number(given, "--wall", 1, SequenceRequest.MOST_WALLS),
        number(given, "--walls", 1, SequenceRequest.MOST_WALLS),
        number(given, "--section", 1, MOST_SECTIONS),
        percent.orElse(100),
        click,
        path(given, "--wav"),
        path(given, "--midi"));
  }

  private static OptionalInt number(Map<String, String> given, String name, int least, int most)
      throws WrongWords {
    String word = given.get(name);
    if (word == null) {
      return OptionalInt.empty();
    }
    if (word.matches("\\d{1,3}")) {
      int number = Integer.parseInt(word);
      if (number >= least && number <= most) {
        return OptionalInt.of(number);
      }
    }
    throw new WrongWords(
        name + " wants a number from " + least + " to " + most + ", not '" + word + "'");
  }

  private static Optional<Path> path(Map<String, String> given, String name) throws WrongWords {
    String word = given.get(name);
    if (word == null) {
      return Optional.empty();
    }
    if (word.isBlank()) {
      throw new WrongWords(name + " wants a file to write: " + USE);
    }
    return Optional.of(Path.of(word));
  }
}
