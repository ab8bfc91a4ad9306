package ulnaawl.figure;

import java.util.Optional;

/**
 * What an instructor says about a figure.
 *
 * @param call the word that is called for it; one of its names
 * @param say a beginner's explanation
 * @param care the usual caution; it defers to local rules and licensed practice
 * @param easier the usual easier replacement, as step text items for a right lead
 */
public record FigureGuide(String call, String say, Optional<String> care, Optional<String> easier) {

  FigureGuide calling(String word) {
    return new FigureGuide(word, say, care, easier);
  }
}
