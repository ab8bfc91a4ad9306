package ulnaawl.server.classes;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import ulnaawl.people.PersonId;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.PlanReason;
import ulnaawl.server.classes.ClassRow.Order;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.history.HistoryText;
import ulnaawl.server.history.Thing;
import ulnaawl.server.wire.PeopleJson;
import ulnaawl.server.wire.Reasons;
import ulnaawl.words.Speech;

/** Every running order that a class has had. */
@Component
class ClassHistory implements HistoryText {

  private final JsonMapper mapper;
  private final Reasons reasons;
  private final Speech speech;

  ClassHistory(JsonMapper mapper, Reasons reasons, Speech speech) {
    this.mapper = PeopleJson.stored(mapper);
    this.reasons = reasons;
    this.speech = speech;
  }

  /** A line as the history keeps it; the first histories were kept without numbers. */
  record KeptLine(
      @Nullable Long id,
      int minutes,
      Kind kind,
      @Nullable Long dance,
      @Nullable Integer danceVersion,
      String title,
      String reasons,
      @Nullable PersonId changedBy,
      @Nullable LocalDateTime changedAt) {}

  /** A running order as the history keeps it. */
  record KeptOrder(int minutes, List<KeptLine> lines) {}

  String write(Order order) {
    return mapper.writeValueAsString(
        new KeptOrder(
            order.minutes(),
            order.lines().stream()
                .map(line ->
                    new KeptLine(
                        line.id(),
                        line.minutes(),
                        line.kind(),
                        line.dance().map(DanceVersion::dance).orElse(null),
                        line.dance().map(DanceVersion::version).orElse(null),
                        line.title(),
                        reasons.write(line.reasons()),
                        line.changedBy().orElse(null),
                        line.changedAt().orElse(null)))
                .toList()));
  }

  Order read(String content) {
    KeptOrder kept = mapper.readValue(content, KeptOrder.class);
    return new Order(kept.minutes(), kept.lines().stream().map(this::line).toList());
  }

  private LineRow line(KeptLine line) {
    Long dance = line.dance();
    Integer version = line.danceVersion();
    Long id = line.id();
    return new LineRow(
        id == null ? LineRow.NEW : id,
        line.minutes(),
        line.kind(),
        dance == null || version == null
            ? Optional.empty()
            : Optional.of(new DanceVersion(dance, version)),
        line.title(),
        reasons.read(line.reasons(), PlanReason.class),
        Optional.ofNullable(line.changedBy()),
        Optional.ofNullable(line.changedAt()));
  }

  @Override
  public Thing thing() {
    return Thing.CLASS;
  }

  @Override
  public Optional<List<String>> lines(long id, int version, Optional<String> content) {
    return content
        .map(this::read)
        .map(order -> {
          List<String> lines = new ArrayList<>();
          lines.add("class of " + order.minutes() + " minutes");
          order
              .lines()
              .forEach(line ->
                  lines.add(
                      line.minutes()
                          + " min "
                          + speech.plan().kind(line.kind())
                          + ": "
                          + line.title()));
          return lines;
        });
  }
}
