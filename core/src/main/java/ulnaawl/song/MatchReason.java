package ulnaawl.song;

import ulnaawl.music.CountRate;
import ulnaawl.music.Tempo;

/** What speaks for or against a song for a dance. */
public sealed interface MatchReason {

  /** The dance names no speed of its own. */
  record NoOwnSpeed(Tempo countsPerMinute) implements MatchReason {}

  /** How its count rate compares with the dance's own. */
  record Pace(Tempo countsPerMinute, Tempo own, int percent) implements MatchReason {}

  /** It is counted otherwise than the song is entered. */
  record CountedAs(CountRate rate) implements MatchReason {}

  /** The same style. */
  record SameStyle(String style) implements MatchReason {}

  /** Another style. */
  record OtherStyle(String style, String own) implements MatchReason {}

  /** Its phrases are not entered; {@code needed} where the dance has restarts or tags. */
  record PhrasesUnknown(boolean needed) implements MatchReason {}

  /** Every wall starts on a phrase; {@code exceptions} where restarts and tags see to it. */
  record OnPhrases(boolean exceptions) implements MatchReason {}

  /** From a wall on walls start inside a phrase; {@code exceptions} where restarts and tags do. */
  record OffPhrases(int fromWall, boolean exceptions) implements MatchReason {}

  /** Whole walls that it holds. */
  record Holds(int walls) implements MatchReason {}

  /** Not for every hall. */
  record ExplicitWords() implements MatchReason {}
}
