package ulnaawl.server.socials;

import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.formats.SongXspf;
import ulnaawl.music.ListedSong;
import ulnaawl.server.socials.SocialFloor.Danced;
import ulnaawl.server.socials.SocialFloor.Ready;

/** The songs of a social for a player. */
@Component
@RequiredArgsConstructor
class SetList {

  private final SocialFloor floor;

  String playlist(SocialRow row) {
    Ready ready = floor.of(row);
    List<ListedSong> songs =
        row.songs().stream()
            .flatMap(it -> Optional.<Danced>ofNullable(ready.dances().get(it.dance())).stream())
            .flatMap(it -> it.song().song().stream())
            .toList();
    return SongXspf.write(row.name() + ", " + row.date(), songs);
  }
}
