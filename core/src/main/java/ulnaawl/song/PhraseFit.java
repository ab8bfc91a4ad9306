package ulnaawl.song;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import ulnaawl.music.SongPhrases;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallSequence;

/**
 * Whether the walls of a dance begin where the song's phrases do.
 *
 * @param walls one for each wall that the phrases hold
 */
public record PhraseFit(List<WallOnPhrase> walls) {

  public PhraseFit {
    walls = List.copyOf(walls);
  }

  /**
   * A wall on the phrases.
   *
   * @param number of the wall
   * @param late counts since the phrase began in which the wall starts; 0 where it starts with it
   */
  public record WallOnPhrase(int number, int late) {}

  /**
   * Holds the walls as danced against the phrases; counts run from the first step.
   *
   * @param wallCounts length of a plain wall, 1 or more
   */
  public static PhraseFit of(WallSequence sequence, SongPhrases phrases, int wallCounts) {
    TreeSet<Integer> borders = phrases.borders(wallCounts);
    List<WallOnPhrase> walls = new ArrayList<>();
    for (Wall wall : sequence.walls()) {
      Integer begun = borders.floor(wall.startCount());
      if (begun != null && wall.startCount() < phrases.total()) {
        walls.add(new WallOnPhrase(wall.number(), wall.startCount() - begun));
      }
    }
    return new PhraseFit(walls);
  }

  public boolean isWhole() {
    return walls.stream().allMatch(wall -> wall.late() == 0);
  }

  /** Walls that start inside a phrase, by number. */
  public List<Integer> off() {
    return walls.stream().filter(wall -> wall.late() > 0).map(WallOnPhrase::number).toList();
  }
}
