package ulnaawl.server.walls;

import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.walls.WallsView.Walls;

/** The walls of a dance to its own music, for a call sheet that leaves the club. */
@Component
@RequiredArgsConstructor
public class SharedCalls {

  private final DanceService dances;
  private final Music music;
  private final WallsWriter writer;

  /** Wall by wall, with what is called. */
  public Walls of(long dance) {
    ReadDance read = dances.danceable(dance);
    Optional<Music.Choice> choice = music.chosen(read.dance(), Optional.empty());
    return writer.write(
        dances.get(dance),
        read,
        choice,
        Music.request(read.dance(), choice, false),
        music.ofSheet(read.dance()));
  }
}
