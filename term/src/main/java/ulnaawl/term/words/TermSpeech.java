package ulnaawl.term.words;

import java.util.List;
import ulnaawl.term.Appearance;
import ulnaawl.term.Slip;
import ulnaawl.term.TermChange;
import ulnaawl.term.TermMatch;
import ulnaawl.term.TermRule;
import ulnaawl.term.solve.TermPlanner.Unmet;

/** Says a term in words, for people who plan it. */
public interface TermSpeech {

  /** A rule: what it is about. */
  String rule(TermRule rule);

  /** A rule in a place: what is good, or what is wrong, there. */
  String match(TermMatch match);

  /** What is done with a dance in a class. */
  String appearance(Appearance appearance);

  /**
   * What would have to give for a wish, the weightiest first; empty where nothing is in its way.
   */
  List<String> unmet(Unmet unmet);

  /** What has fallen behind. */
  String slip(Slip slip);

  /** What is otherwise than before. */
  String change(TermChange change);

  /** In English, with the names of what is planned. */
  static TermSpeech english(Names names) {
    return new EnglishTerm(names);
  }

  /** Names by numbers. */
  interface Names {
    String group(long id);

    String dance(long id);

    String leader(long id);
  }
}
