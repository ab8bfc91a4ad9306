package ulnaawl.formats.sound;

/**
 * What is heard.
 *
 * @param band drums and bass
 * @param click a click on every count
 * @param voice counts and calls
 */
public record Mix(boolean band, boolean click, boolean voice) {

  /** Click, band and spoken calls. */
  public static final Mix ALL = new Mix(true, true, true);

  /** The click alone. */
  public static final Mix CLICK = new Mix(false, true, false);
}
