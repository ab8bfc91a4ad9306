package ulnaawl.sheet.layout;

/** The sign at the end of a sentence. */
final class LineEnds {

  private LineEnds() {}

  static String without(String sentence) {
    return sentence.replaceFirst("[.;:,!]+$", "");
  }
}
