package ulnaawl.server.groups;

import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import ulnaawl.server.history.HistoryText;
import ulnaawl.server.history.Thing;

/** What was said about a group in each version, a line for each thing. */
@Component
@RequiredArgsConstructor
class GroupHistory implements HistoryText {

  private final JsonMapper mapper;

  @Override
  public Thing thing() {
    return Thing.GROUP;
  }

  String write(GroupDraft draft) {
    return mapper.writeValueAsString(draft);
  }

  GroupDraft read(String content) {
    return mapper.readValue(content, GroupDraft.class);
  }

  @Override
  public Optional<List<String>> lines(long id, int version, Optional<String> content) {
    return content
        .map(this::read)
        .map(draft ->
            List.of(
                "name: " + draft.name(),
                "level: " + draft.level().label(),
                "meets on: " + draft.weekday().toString().toLowerCase(java.util.Locale.ROOT),
                "at: " + draft.startsAt(),
                "minutes: " + draft.minutes(),
                "where: " + draft.place()));
  }
}
