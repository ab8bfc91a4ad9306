package ulnaawl.teach.lesson;

/**
 * Where the time of a drill goes, in milliseconds, with the questions of a live class in it; music
 * is as long as it is.
 *
 * @param talk what is said before it, and fetching the class to its start
 * @param countIn counting in, every time
 * @param danced dancing or walking it without music
 * @param between going back to where it begins, turning round included, between two repetitions
 * @param music music, its intro included
 */
public record DrillTime(long talk, long countIn, long danced, long between, long music) {

  /** All of it in seconds, rounded up. */
  public int seconds() {
    return (int) ((talk + countIn + danced + between + music + 999) / 1000);
  }
}
