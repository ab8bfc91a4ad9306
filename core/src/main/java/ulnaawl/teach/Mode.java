package ulnaawl.teach;

/** How a drill is danced. */
public enum Mode {
  WORDS,
  COUNTS,
  MUSIC
}
