package ulnaawl;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.FigureStep;
import ulnaawl.figure.Pattern;
import ulnaawl.figure.WeightEffect;
import ulnaawl.floor.Foot;

/**
 * Generates step texts that read without an error: figures of the whole book with feet, directions,
 * turns, repeats and remarks, headers, tags, options and phrasing. Whether they can be danced is
 * another matter, unless {@link #danceable} is asked for.
 */
public final class RandomDance {

  private static final List<Figure> FIGURES = FigureBook.standard().figures();
  private static final List<String> TURNS =
      List.of("1/8", "1/4", "3/8", "1/2", "3/4", "full", "1-1/4", "1-1/2");
  private static final List<String> DIRECTIONS =
      List.of("fwd", "back", "side", "cross", "behind", "together", "diag-fwd");

  private final Random random;
  private final StringBuilder text = new StringBuilder();

  private RandomDance(long seed) {
    this.random = new Random(seed);
  }

  /** Any text that reads without an error. */
  public static String text(long seed) {
    return new RandomDance(seed).write();
  }

  /** Sections of whole counts in which every step is danced on the free foot. */
  public static String danceable(long seed, int sections) {
    RandomDance dance = new RandomDance(seed);
    dance.text.append("title: Generated ").append(seed).append("\nstart: weight L\n");
    Foot free = Foot.RIGHT;
    for (int section = 1; section <= sections; section++) {
      dance.text.append("section ").append(section).append('\n');
      int count = 1;
      while (count <= 8) {
        Figure figure = dance.pick(FIGURES);
        Pattern pattern = figure.patterns().getFirst();
        if (count + pattern.places() - 1 > 8 || !alternates(pattern)) {
          continue;
        }
        dance.text.append(CountsOf.range(count, count + pattern.places() - 1)).append("  ");
        dance.text.append(figure.name());
        boolean footless =
            pattern.steps().getFirst().mover() == FigureStep.Mover.NONE
                || figure.turn().letterIsSide();
        if (!footless) {
          dance.text.append(' ').append(free.letter());
        }
        if (dance.random.nextInt(4) == 0 && !footless) {
          dance.text.append(" 1/4 ").append(dance.random.nextBoolean() ? "R" : "L");
        }
        dance.text.append('\n');
        free = freeAfter(pattern, free);
        count += pattern.places();
      }
    }
    return dance.text.toString();
  }

  private static final class CountsOf {
    static String range(int from, int to) {
      return from == to ? String.valueOf(from) : from + "-" + to;
    }
  }

  private static boolean alternates(Pattern pattern) {
    return pattern.steps().stream()
        .map(step -> step.action().effect())
        .allMatch(effect ->
            effect == WeightEffect.TAKES
                || effect == WeightEffect.FREE
                || effect == WeightEffect.STILL);
  }

  private static Foot freeAfter(Pattern pattern, Foot lead) {
    Foot free = lead;
    for (FigureStep step : pattern.steps()) {
      if (step.action().effect() == WeightEffect.TAKES) {
        free = step.mover() == FigureStep.Mover.LEAD ? lead.other() : lead;
      }
    }
    return free;
  }

  private String write() {
    headers();
    int sections = 1 + random.nextInt(4);
    boolean parts = random.nextInt(5) == 0;
    for (int section = 1; section <= sections; section++) {
      if (parts && (section == 1 || random.nextBoolean())) {
        text.append("part ").append((char) ('A' + random.nextInt(3))).append('\n');
      }
      text.append("section ")
          .append(section)
          .append(random.nextBoolean() ? ": Some words\n" : "\n");
      lines(8);
    }
    text.append("tag Lull\n");
    lines(4);
    if (random.nextBoolean()) {
      text.append("option Plain for section 1, counts 1-4: easier\n");
      lines(4);
    }
    if (random.nextBoolean()) {
      phrasing();
    }
    return text.toString();
  }

  private void headers() {
    text.append("title: Made by chance\n");
    maybe("by: Nobody At All\n");
    maybe("level: high beginner\n");
    maybe(random.nextBoolean() ? "counts: 32\n" : "counts: 32 + 4\n");
    maybe("walls: 4\n");
    maybe("start: " + pick(List.of("weight L", "weight R", "both")) + "\n");
    maybe("intro: 16\n");
    maybe("meter: 3\n");
    maybe("style: waltz\n");
    maybe("song: One / Two / 112.5 bpm / count rate 1/2 / 3:05\n");
    maybe("song: Other\n");
    maybe("note: Something to remember.\n");
  }

  private void phrasing() {
    text.append("phrasing\n");
    maybe("after wall 2, 5: tag Lull optional\n");
    maybe("after wall 3: tag Lull facing 4:30\n");
    maybe("wall 4: restart after 4\n");
    maybe("wall 6: restart after 8 facing 6 changing 7-8: step R fwd, hold\n");
    maybe("wall 7: bridge Lull after 4\n");
    maybe("wall 8: repeat sections 1-2 x3\n");
    maybe("wall 9: ending after 4: Lull\n");
    maybe("wall 3: starts facing 6\n");
  }

  private void maybe(String line) {
    if (random.nextBoolean()) {
      text.append(line);
    }
  }

  /** Lines whose counts rise; as many places as they happen to have. */
  private void lines(int most) {
    int count = 1;
    while (count <= most) {
      int last = Math.min(most, count + random.nextInt(4));
      text.append(counts(count, last)).append("  ");
      List<String> items = new ArrayList<>();
      for (int i = 0; i <= random.nextInt(3); i++) {
        items.add(item());
      }
      text.append(String.join(", ", items)).append('\n');
      count = last + 1;
    }
  }

  private String counts(int first, int last) {
    if (random.nextBoolean()) {
      return CountsOf.range(first, last);
    }
    StringBuilder counts = new StringBuilder();
    for (int count = first; count <= last; count++) {
      counts.append(count).append(pick(List.of(" ", "&", "a", "e&a", " ")));
    }
    return counts.toString().strip();
  }

  private String item() {
    Figure figure = pick(FIGURES);
    StringBuilder item = new StringBuilder();
    boolean before = random.nextInt(6) == 0;
    if (before) {
      item.append(turn()).append(' ');
    }
    item.append(pick(figure.names()));
    int feet = figure.isElementary() ? random.nextInt(4) : random.nextInt(2);
    for (int i = 0; i < feet; i++) {
      item.append(random.nextBoolean() ? " R" : " L");
    }
    if (feet > 0 && random.nextInt(4) == 0) {
      item.append(' ').append(pick(DIRECTIONS));
    }
    if (!before && random.nextInt(4) == 0) {
      item.append(' ').append(turn());
    }
    if (random.nextInt(10) == 0) {
      item.append(" both");
    }
    if (random.nextInt(6) == 0) {
      item.append(" x").append(1 + random.nextInt(4));
    }
    if (random.nextInt(8) == 0) {
      item.append(" (clap)");
    }
    return item.toString();
  }

  private String turn() {
    return pick(TURNS) + (random.nextBoolean() ? " R" : " L");
  }

  private <T> T pick(List<T> from) {
    return from.get(random.nextInt(from.size()));
  }
}
