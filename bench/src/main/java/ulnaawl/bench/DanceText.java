package ulnaawl.bench;

/** Dances of any length, with a tag, a bridge, a restart and an optional tag. */
final class DanceText {

  private static final String[] SECTIONS = {
    "1-4    vine R, touch L\n5-8    vine L, touch R\n",
    "1-2    rock R fwd\n3&4    coaster step R\n5-6    rock L fwd\n7&8    coaster step L\n",
    "1-2    step pivot R 1/2 L\n3&4    shuffle R fwd\n5-6    step pivot L 1/2 R\n7&8    shuffle L fwd\n",
    "1&2    kick ball change R\n3-4    side touch R\n5&6    sailor step L\n7-8    walk R, touch L\n"
        .replace("7-8    walk R, touch L", "7-8    walk R L"),
  };

  private DanceText() {}

  /**
   * A text.
   *
   * @param counts a multiple of 8, 16 or more
   */
  static String of(int counts) {
    StringBuilder text =
        new StringBuilder("title: Bench\nlevel: improver\nstart: weight L\nintro: 16\n");
    text.append("song: Bench / Nobody / 120 bpm / 3:20\n");
    for (int section = 0; section < counts / 8; section++) {
      text.append("\nsection ").append(section + 1).append('\n').append(SECTIONS[section % 4]);
    }
    text.append("\ntag Lull\n1-4    sway R L R L\n\nphrasing\nafter wall 2: tag Lull\n");
    text.append(
        "after wall 4: tag Lull optional\nwall 3: restart after 16\nwall 5: bridge Lull after 16\n");
    return text.toString();
  }
}
