package ulnaawl.words;

import java.util.function.LongFunction;
import ulnaawl.social.Pause;
import ulnaawl.social.SocialReason;

/** The order of a social, in English. */
final class EnglishSocial implements SocialSpeech {

  private static final int ALL = 100;

  @Override
  public String reason(SocialReason reason, LongFunction<String> groups) {
    int amount = reason.amount();
    String who = Plain.list(reason.groups().stream().map(groups::apply).toList());
    boolean one = reason.groups().size() == 1;
    return switch (reason.weight()) {
      case FLOOR ->
          amount == ALL
              ? "Everybody dances."
              : amount == 0 ? "Nobody who comes knows it." : amount + " % of all dance.";
      case ASKED -> Plain.many(amount, "person", "people") + " asked for it.";
      case EASY_EARLY -> "Early in the evening, and new dancers manage it.";
      case LAST_ALL -> "All groups know it: the last one for all.";
      case LAST_WITHOUT -> who + (one ? " does" : " do") + " not know it, and it is the last one.";
      case WAIT ->
          who + (one ? " has" : " have") + " waited for " + Plain.many(amount, "minute") + ".";
      case ALIKE -> "Of the same kind as the one before.";
      case VERY_FAST -> "Very fast, as the one before.";
      case EFFORT ->
          amount > 0
              ? "More effort than the evening wants then."
              : "Less effort than the evening wants then.";
      case AGAIN -> "Danced a second time this evening.";
      case FREE -> "Nothing is played for " + Plain.many(amount, "minute") + ".";
    };
  }

  @Override
  public String pause(Pause.Kind kind) {
    return switch (kind) {
      case BREAK -> "Break";
      case RAFFLE -> "Raffle";
      case WALK_IN -> "Walk-in";
    };
  }
}
