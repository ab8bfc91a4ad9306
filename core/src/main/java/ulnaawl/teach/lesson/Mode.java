package ulnaawl.teach.lesson;

/** How a drill is danced. */
public enum Mode {
  WORDS,
  COUNTS,
  MUSIC
}
