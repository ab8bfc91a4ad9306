package ulnaawl.server.songs;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import ulnaawl.music.ListedSong;
import ulnaawl.music.SongEntry;
import ulnaawl.music.SongField;
import ulnaawl.server.history.HistoryText;
import ulnaawl.server.history.Thing;

/** What was known of a song in each version, field by field. */
@Component
@RequiredArgsConstructor
class SongHistory implements HistoryText {

  private static final TypeReference<EnumMap<SongField, String>> FIELDS = new TypeReference<>() {};

  private final JsonMapper mapper;

  @Override
  public Thing thing() {
    return Thing.SONG;
  }

  String write(ListedSong song) {
    return mapper.writeValueAsString(SongEntry.of(song).words());
  }

  SongEntry read(String content) {
    Map<SongField, String> words = mapper.readValue(content, FIELDS);
    return new SongEntry(words);
  }

  @Override
  public Optional<List<String>> lines(long id, int version, Optional<String> content) {
    return content
        .map(this::read)
        .map(entry ->
            Arrays.stream(SongField.values())
                .filter(field -> !entry.get(field).isEmpty())
                .map(field -> field.label() + ": " + entry.get(field))
                .toList());
  }
}
