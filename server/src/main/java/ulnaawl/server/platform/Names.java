package ulnaawl.server.platform;

import com.ibm.icu.text.SpoofChecker;
import java.text.Normalizer;
import java.util.Locale;

/** When two names are the same, or look the same. */
public final class Names {

  private static final SpoofChecker LOOKS = new SpoofChecker.Builder().build();

  private Names() {}

  /** How a name is written down: no spaces around it, single ones in it. */
  public static String clean(String name) {
    return name.strip().replaceAll("\\s+", " ");
  }

  /** The same for a name in capitals and in small letters. */
  public static String key(String name) {
    return Normalizer.normalize(clean(name), Normalizer.Form.NFKC).toLowerCase(Locale.ROOT);
  }

  /**
   * The same for names that one cannot tell apart on a screen (Unicode Technical Standard 39,
   * confusable detection, as ICU has it); spaces do not count.
   */
  public static String look(String name) {
    String drawn = LOOKS.getSkeleton(key(name).replace(" ", ""));
    // A digit may look like a capital, which is the same as its small letter.
    return LOOKS.getSkeleton(drawn.toLowerCase(Locale.ROOT));
  }
}
