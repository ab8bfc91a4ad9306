package ulnaawl.server.sessions;

import java.util.List;
import java.util.Map;

/** What a browser says of itself, short enough to tell one's own devices apart. */
final class DeviceName {

  /** A sign in what browsers say, and what it stands for; the first that is found counts. */
  private static final List<Map.Entry<String, String>> BROWSERS =
      List.of(
          Map.entry("Firefox/", "Firefox"),
          Map.entry("Edg", "Edge"),
          Map.entry("Chrome/", "Chrome"),
          Map.entry("Safari/", "Safari"));

  private static final List<Map.Entry<String, String>> SYSTEMS =
      List.of(
          Map.entry("Android", "Android"),
          Map.entry("iPhone", "an iPhone"),
          Map.entry("iPad", "an iPad"),
          Map.entry("Windows", "Windows"),
          Map.entry("Mac OS", "a Mac"),
          Map.entry("Linux", "Linux"));

  private DeviceName() {}

  /** Such as "Firefox on Android". */
  static String of(String userAgent) {
    return first(BROWSERS, userAgent, "A browser")
        + " on "
        + first(SYSTEMS, userAgent, "some device");
  }

  private static String first(
      List<Map.Entry<String, String>> signs, String userAgent, String otherwise) {
    return signs.stream()
        .filter(sign -> userAgent.contains(sign.getKey()))
        .findFirst()
        .map(Map.Entry::getValue)
        .orElse(otherwise);
  }
}
