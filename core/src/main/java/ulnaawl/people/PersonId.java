package ulnaawl.people;

/**
 * Somebody of the club, or who was of it: a number that stays theirs, whatever they are called.
 *
 * @param number above 0
 */
public record PersonId(long number) {
  public PersonId {
    if (number < 1) {
      throw new IllegalArgumentException("No person is number " + number);
    }
  }
}
