package ulnaawl.server.platform;

import org.springframework.http.HttpStatus;

/** Something that cannot be done, said in words for the person who asked. */
public final class Problem extends RuntimeException {

  private final HttpStatus status;

  private Problem(HttpStatus status, String message) {
    super(message);
    this.status = status;
  }

  /** The thing is not there (any more). */
  public static Problem gone(String message) {
    return new Problem(HttpStatus.NOT_FOUND, message);
  }

  /** Somebody else changed it in the meantime, or it is there already. */
  public static Problem conflict(String message) {
    return new Problem(HttpStatus.CONFLICT, message);
  }

  /**
   * Somebody else changed it since it was looked at.
   *
   * @param who changed it, or "Somebody"
   * @param what it is: "this song", say
   */
  public static Problem changed(String who, String what) {
    return conflict(who + " has changed " + what + " in the meantime; look at it again first.");
  }

  /** What was sent cannot be taken; the message says why and what would do. */
  public static Problem rejected(String message) {
    return new Problem(HttpStatus.UNPROCESSABLE_CONTENT, message);
  }

  /** The request says something that means nothing at its address. */
  public static Problem meaningless(String message) {
    return new Problem(HttpStatus.BAD_REQUEST, message);
  }

  /** Too many tries; wait. */
  public static Problem tooMany(String message) {
    return new Problem(HttpStatus.TOO_MANY_REQUESTS, message);
  }

  /** Not now: others are at it. */
  public static Problem busy(String message) {
    return new Problem(HttpStatus.SERVICE_UNAVAILABLE, message);
  }

  /** Name or password are wrong, or nobody is signed in. */
  public static Problem notSignedIn(String message) {
    return new Problem(HttpStatus.UNAUTHORIZED, message);
  }

  /** The same with where it happened before it, and what became of the whole after it. */
  public Problem at(String place, String whole) {
    return new Problem(status, place + ": " + getMessage() + " " + whole);
  }

  public HttpStatus status() {
    return status;
  }
}
