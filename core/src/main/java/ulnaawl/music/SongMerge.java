package ulnaawl.music;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A song of the list with what another list knows of the same song. What is known stays as it is;
 * only blanks are filled.
 *
 * @param song the song with its blanks filled
 * @param filled fields that were blank before
 * @param differing fields for which the other list says something else; they stay
 */
public record SongMerge(ListedSong song, List<SongField> filled, List<SongField> differing) {

  // Always said, so they are never blank: the list's own word stays.
  private static final Set<SongField> NEVER_BLANK =
      Set.of(SongField.TITLE, SongField.RATE, SongField.METER, SongField.EXPLICIT);

  public SongMerge {
    filled = List.copyOf(filled);
    differing = List.copyOf(differing);
  }

  public static SongMerge of(ListedSong own, ListedSong other) {
    SongEntry mine = SongEntry.of(own);
    SongEntry more = SongEntry.of(other);
    Map<SongField, String> words = new EnumMap<>(SongField.class);
    List<SongField> filled = new ArrayList<>();
    List<SongField> differing = new ArrayList<>();
    for (SongField field : SongField.values()) {
      String known = mine.get(field);
      String theirs = more.get(field);
      boolean blank = known.isEmpty() && !theirs.isEmpty();
      words.put(field, blank ? theirs : known);
      if (blank) {
        filled.add(field);
      } else if (!theirs.isEmpty() && !NEVER_BLANK.contains(field) && !theirs.equals(known)) {
        differing.add(field);
      }
    }
    return new SongMerge(new SongEntry(words).read().song().orElse(own), filled, differing);
  }
}
