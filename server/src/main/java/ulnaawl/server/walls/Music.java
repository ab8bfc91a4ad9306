package ulnaawl.server.walls;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.dance.Dance;
import ulnaawl.music.ListedSong;
import ulnaawl.music.Song;
import ulnaawl.music.SongMerge;
import ulnaawl.notation.Stated;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.songs.SongRow;
import ulnaawl.server.songs.SongService;
import ulnaawl.wall.SequenceRequest;

/**
 * The music that a dance is looked at with. A song of its sheet is {@code sheet-0}, {@code sheet-1}
 * and so on, one of the club's list {@code list-12}, and {@code none} is no music.
 */
@Component
@RequiredArgsConstructor
public class Music {

  private static final Pattern CHOICE = Pattern.compile("(sheet|list)-(\\d{1,18})");
  private static final String LIST = "list-";
  private static final String NONE = "none";

  private final SongService songs;

  /**
   * A song to choose.
   *
   * @param id how it is chosen
   * @param song what is known of it; blanks of the sheet are filled from the list
   * @param listed the same song in the club's list, if it is there
   */
  public record Choice(String id, ListedSong song, Optional<SongRow> listed) {}

  /** The songs of the dance's sheet. */
  public List<Choice> ofSheet(Dance dance) {
    List<Choice> choices = new ArrayList<>();
    for (Stated<Song> stated : dance.headers().songs()) {
      ListedSong own = ListedSong.of(stated.value(), dance.headers().meter());
      Optional<SongRow> row = songs.withKey(own.key());
      ListedSong merged = row.map(it -> SongMerge.of(own, it.song()).song()).orElse(own);
      choices.add(new Choice("sheet-" + choices.size(), merged, row));
    }
    return choices;
  }

  /** The song that is asked for; without a wish the sheet's first. */
  Optional<Choice> chosen(Dance dance, Optional<String> wish) {
    List<Choice> sheet = ofSheet(dance);
    if (wish.isEmpty() || wish.get().isEmpty()) {
      return sheet.stream().findFirst();
    }
    if (wish.get().equals(NONE)) {
      return Optional.empty();
    }
    Matcher matcher = CHOICE.matcher(wish.get());
    if (!matcher.matches()) {
      throw Problem.rejected("A song is chosen as sheet-0, list-12 or none.");
    }
    long number = Long.parseLong(matcher.group(2));
    if (matcher.group(1).equals("list")) {
      SongRow row = songs.get(number);
      return Optional.of(new Choice(wish.get(), row.song(), Optional.of(row)));
    }
    if (number >= sheet.size()) {
      throw Problem.gone("The sheet of this dance names no such song.");
    }
    return Optional.of(sheet.get((int) number));
  }

  /** How it is danced then. */
  static SequenceRequest request(Dance dance, Optional<Choice> choice, boolean optional) {
    if (choice.isEmpty()) {
      return new SequenceRequest(Optional.empty(), OptionalInt.empty(), optional);
    }
    ListedSong song = choice.get().song();
    return choice.get().id().startsWith(LIST)
        ? SequenceRequest.of(song, optional)
        : SequenceRequest.ofSheet(dance, song, optional);
  }
}
