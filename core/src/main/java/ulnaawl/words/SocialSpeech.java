package ulnaawl.words;

import java.util.function.LongFunction;
import ulnaawl.social.Pause;
import ulnaawl.social.SocialReason;

/** Says why a song stands where it does in the order of a social. */
public interface SocialSpeech {

  /**
   * One reason.
   *
   * @param groups what a group is called, by its number
   */
  String reason(SocialReason reason, LongFunction<String> groups);

  /** What comes in between. */
  String pause(Pause.Kind kind);
}
