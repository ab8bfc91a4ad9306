package ulnaawl.wall;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** A dance made by chance: turns on any count, tags, restarts, bridges, repeats, and a song. */
public record RandomWalls(
    List<Steps> sections,
    List<Steps> tags,
    List<Restart> restarts,
    List<Tag> after,
    List<Insert> inserts,
    int bpm,
    int seconds,
    int intro) {

  private static final String[] TURN = {
    "", " 1/8 R", " 1/4 R", " 3/8 R", " 1/2 R", " 3/8 L", " 1/4 L", " 1/8 L"
  };

  /** As many walls as have something planned. */
  public static final int WALLS = 9;

  /** Steps R and L in turn, each with a turn in eighths; an even number of them. */
  record Steps(List<Integer> turns) {
    static Steps random(Random random, int counts) {
      List<Integer> turns = new ArrayList<>();
      for (int i = 0; i < counts; i++) {
        turns.add(random.nextInt(3) == 0 ? random.nextInt(8) : 0);
      }
      return new Steps(turns);
    }

    String text() {
      StringBuilder text = new StringBuilder();
      for (int i = 0; i < turns.size(); i++) {
        String foot = i % 2 == 0 ? "R" : "L";
        text.append(i + 1).append("  walk ").append(foot).append(TURN[turns.get(i)]).append('\n');
      }
      return text.toString();
    }
  }

  record Restart(int wall, int after, boolean optional) {}

  record Tag(int wall, int tag, boolean optional) {}

  /** A bridge, or with {@code tag} -1 the section before it again. */
  record Insert(int wall, int after, int tag) {}

  public static RandomWalls random(long seed) {
    Random random = new Random(seed);
    List<Steps> sections = new ArrayList<>();
    for (int i = 0; i <= random.nextInt(1, 5); i++) {
      sections.add(Steps.random(random, 8));
    }
    int counts = sections.size() * 8;
    List<Steps> tags = new ArrayList<>();
    for (int i = 0; i < 2; i++) {
      tags.add(Steps.random(random, 2 * random.nextInt(1, 5)));
    }
    List<Restart> restarts = new ArrayList<>();
    List<Tag> after = new ArrayList<>();
    List<Insert> inserts = new ArrayList<>();
    for (int wall = 1; wall <= WALLS; wall++) {
      if (random.nextInt(3) == 0) {
        int cut = 2 * random.nextInt(1, counts / 2);
        restarts.add(new Restart(wall, cut, random.nextInt(4) == 0));
      }
      for (int i = random.nextInt(3); i > 1; i--) {
        after.add(new Tag(wall, random.nextInt(2), random.nextInt(4) == 0));
      }
      if (random.nextInt(3) == 0) {
        inserts.add(new Insert(wall, 2 * random.nextInt(1, counts / 2), random.nextInt(2)));
      }
      if (random.nextInt(4) == 0) {
        inserts.add(new Insert(wall, 8 * random.nextInt(1, sections.size() + 1), -1));
      }
    }
    return new RandomWalls(
        sections,
        tags,
        restarts,
        after,
        inserts,
        random.nextInt(60, 180),
        random.nextInt(20, 240),
        random.nextInt(33));
  }

  public String text() {
    StringBuilder text = new StringBuilder("title: Generated\nstart: weight L\n");
    text.append("intro: ").append(intro).append('\n');
    sections.forEach(section -> text.append("section\n").append(section.text()));
    for (int i = 0; i < tags.size(); i++) {
      text.append("tag T").append(i).append('\n').append(tags.get(i).text());
    }
    text.append("phrasing\n");
    for (Insert it : inserts) {
      text.append("wall ").append(it.wall());
      if (it.tag() < 0) {
        text.append(": repeat section ").append(it.after() / 8).append(" x2\n");
      } else {
        text.append(": bridge T").append(it.tag()).append(" after ").append(it.after());
        text.append('\n');
      }
    }
    for (Tag it : after) {
      text.append("after wall ").append(it.wall()).append(": tag T").append(it.tag());
      text.append(it.optional() ? " optional\n" : "\n");
    }
    for (Restart it : restarts) {
      text.append("wall ").append(it.wall()).append(": restart after ").append(it.after());
      text.append(it.optional() ? " optional\n" : "\n");
    }
    return text.toString();
  }
}
