package ulnaawl.sheet.layout;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lombok.RequiredArgsConstructor;

/** Finds the steps at the end of a sentence: "at the end of wall 2 add: sway R L". */
@RequiredArgsConstructor
final class StepsBehind {

  private static final int CASE = Pattern.CASE_INSENSITIVE;
  private static final Pattern DANCE_IT =
      Pattern.compile(
          "^(.*?)(?:(?<!\\d)[:.;]|[:.;](?!\\d)|,|\\b(?:add|dance|do|is|are)\\b(?:\\s+the following)?[:,]?)\\s*(?=\\S)(.*)$",
          CASE);

  private final Desk desk;

  /** The steps at the end of a sentence; empty where it has none. */
  String in(String rest) {
    Matcher told = DANCE_IT.matcher(rest);
    int from = 0;
    while (from < rest.length()) {
      told.region(from, rest.length());
      if (!told.find()) {
        return CountColumn.leads(rest) ? rest : "";
      }
      String steps = told.group(2).strip();
      if (desk.looksLikeSteps(steps)) {
        return rest.substring(rest.length() - told.group(2).length());
      }
      from = Math.max(told.start(2), from + 1);
    }
    return "";
  }
}
