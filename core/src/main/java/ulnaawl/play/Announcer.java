package ulnaawl.play;

import java.util.List;
import ulnaawl.wall.CallSheet;

/** Knows what is called for an exception, in the instructor's language. */
public interface Announcer {

  /** What can be called for it, from the longest to the shortest; at least one. */
  List<String> shouts(CallSheet.Call call);

  /** What is said eight counts ahead of it: {@code restart coming}. */
  String warning(CallSheet.Call call);

  /** What is said for a place in time: {@code 7}, {@code &}, {@code a}. */
  String count(String spoken);
}
