package ulnaawl.figure;

import java.util.Optional;

/**
 * What an instructor says about a figure.
 *
 * @param call the word that is called for it; one of its names
 * @param aloud what is called in its place, with {turn} for the size and side of its turn and
 *     {sides} for the sides that it goes to; empty where its word, direction, foot and turn are
 * @param say a beginner's explanation
 * @param care the usual caution; it defers to local rules and licensed practice
 * @param easier the usual easier replacement, as step text items for a right lead
 */
public record FigureGuide(
    String call,
    Optional<String> aloud,
    String say,
    Optional<String> care,
    Optional<String> easier) {

  FigureGuide calling(String word) {
    // A club that has its own word says it.
    return new FigureGuide(word, word.equals(call) ? aloud : Optional.empty(), say, care, easier);
  }
}
