package ulnaawl.song;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Passage;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Weight;
import ulnaawl.music.SongPhrases;
import ulnaawl.notation.Block.ExtraBlock;
import ulnaawl.notation.Block.ExtraKind;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallEvent;
import ulnaawl.wall.WallSequence;

/**
 * Says which restarts or tags would keep the walls of a dance on the phrases of a song. Every plan
 * is put into the text and danced through: the right foot is free at every join.
 */
public final class RestartHelper {

  private final DanceText bare;
  private final Dance dance;
  private final SongPhrases phrases;
  private final List<RestartCount> counts;

  private RestartHelper(DanceText bare, SongPhrases phrases, List<RestartCount> counts) {
    this.bare = bare;
    this.dance = bare.dance();
    this.phrases = phrases;
    this.counts = counts;
  }

  /**
   * The answer.
   *
   * @param asWritten how the walls lie on the phrases with the dance's own phrasing
   * @param plain the same without any phrasing
   * @param plans what would keep them there, the fewest exceptions first; empty where nothing needs
   *     to be done
   * @param counts every count of a wall with whether a restart is possible there
   */
  public record Advice(
      PhraseFit asWritten, PhraseFit plain, List<Plan> plans, List<RestartCount> counts) {
    public Advice {
      plans = List.copyOf(plans);
      counts = List.copyOf(counts);
    }
  }

  /**
   * A set of restarts and tags.
   *
   * @param kind what it is made of
   * @param exceptions one for each restart or tag, in order
   * @param fit how the walls then lie on the phrases
   * @param stepText the whole dance with it, in canonical form
   */
  public record Plan(Kind kind, List<PlannedException> exceptions, PhraseFit fit, String stepText) {
    public Plan {
      exceptions = List.copyOf(exceptions);
    }
  }

  /** What a plan is made of. */
  public enum Kind {
    RESTARTS_AND_TAGS,
    RESTARTS_ONLY,
    TAGS_ONLY
  }

  /**
   * A restart or tag with where it faces on the room clock.
   *
   * @param changedStep the step that takes the place of the last count; may be empty
   * @param cutFigure what is left half done; may be empty
   */
  public record PlannedException(int wall, WallEvent event, String changedStep, String cutFigure) {}

  /** Looks for plans; the text is of a dance without errors and without parts. */
  public static Advice advise(
      String stepText, FigureBook book, SequenceRequest request, SongPhrases phrases) {
    DanceText text = new DanceText(stepText, book);
    DanceText bare = text.bare();
    List<RestartCount> counts = RestartCount.of(stepText, book);
    RestartHelper helper = new RestartHelper(bare, phrases, counts);
    int wall = helper.dance.main().counts();
    PhraseFit asWritten = PhraseFit.of(helper.walls(text.dance(), request), phrases, wall);
    PhraseFit plain = PhraseFit.of(helper.walls(bare.dance(), request), phrases, wall);
    boolean settled =
        !phrases.isKnown() || asWritten.isWhole() || plain.isWhole() || text.dance().isPhrased();
    return new Advice(asWritten, plain, settled ? List.of() : helper.plans(request), counts);
  }

  private WallSequence walls(Dance of, SequenceRequest request) {
    int shortest = PhrasePath.EARLIEST;
    int most = Math.min(SequenceRequest.MOST_WALLS, phrases.total() / shortest + 1);
    SequenceRequest wanted =
        new SequenceRequest(
            Optional.empty(), OptionalInt.of(Math.max(1, most)), request.optional());
    return WallSequence.of(of, wanted);
  }

  private List<Plan> plans(SequenceRequest request) {
    Map<String, Plan> plans = new LinkedHashMap<>();
    add(plans, Kind.RESTARTS_AND_TAGS, counts, true, request);
    add(plans, Kind.RESTARTS_ONLY, counts, false, request);
    add(plans, Kind.TAGS_ONLY, List.of(), true, request);
    return plans.values().stream()
        .sorted(
            Comparator.comparingInt((Plan it) -> it.fit().off().size())
                .thenComparingInt(it -> it.exceptions().size()))
        .toList();
  }

  private void add(
      Map<String, Plan> plans,
      Kind kind,
      List<RestartCount> restarts,
      boolean tags,
      SequenceRequest request) {
    PhrasePath path =
        new PhrasePath(dance.main().counts(), phrases, restarts, tags, ownTagLengths());
    written(kind, path.moves(), request)
        .filter(plan -> !plan.exceptions().isEmpty())
        .ifPresent(plan -> plans.putIfAbsent(plan.stepText(), plan));
  }

  private List<Passage> ownTags() {
    return dance.script().blocks().stream()
        .filter(ExtraBlock.class::isInstance)
        .map(ExtraBlock.class::cast)
        .filter(block -> block.kind() == ExtraKind.TAG)
        .flatMap(block -> dance.extra(block.name()).stream())
        .filter(tag -> dance.main().endWeight().joins(tag.startWeight()))
        .filter(tag -> tag.endWeight().joins(dance.startWeight()))
        .toList();
  }

  private List<Integer> ownTagLengths() {
    return ownTags().stream().map(Passage::counts).toList();
  }

  private Optional<Plan> written(Kind kind, List<PhrasePath.Move> moves, SequenceRequest request) {
    List<String> phrasing = new ArrayList<>();
    Map<Integer, String> tagNames = new LinkedHashMap<>();
    ownTags().forEach(tag -> tagNames.putIfAbsent(tag.counts(), tag.name()));
    Map<String, String> blocks = new LinkedHashMap<>();
    for (int i = 0; i < moves.size(); i++) {
      int wall = i + 1;
      switch (moves.get(i)) {
        case PhrasePath.Move.Whole _ -> {
          // Nothing special.
        }
        case PhrasePath.Move.Restart restart -> phrasing.add(restart.at().phrase(wall));
        case PhrasePath.Move.Tag tag -> {
          String called =
              tagNames.computeIfAbsent(
                  tag.tagCounts(), length -> bare.freeName("Filler " + length));
          if (dance.extra(called).isEmpty()) {
            blocks.put(called, block(called, tag.tagCounts()));
          }
          phrasing.add("after wall " + wall + ": tag " + called);
        }
      }
    }
    return bare.with(List.copyOf(blocks.values()), phrasing)
        .map(text -> plan(kind, text, request))
        .filter(plan ->
            DanceText.joins(walls(new DanceText(plan.stepText(), bare.book()).dance(), request)));
  }

  private String block(String called, int counts) {
    Weight weight = dance.main().endWeight();
    Foot free = weight.freeFoot().orElse(Foot.RIGHT);
    return "tag "
        + called
        + "\n"
        + String.join("\n", TagSteps.lines(counts, free, dance.headers().meter()));
  }

  private Plan plan(Kind kind, DanceText text, SequenceRequest request) {
    WallSequence sequence = walls(text.dance(), request);
    List<PlannedException> exceptions = new ArrayList<>();
    for (Wall wall : sequence.walls()) {
      for (WallEvent event : wall.events()) {
        if (event.startCount() < phrases.total()) {
          exceptions.add(planned(wall.number(), event));
        }
      }
    }
    return new Plan(
        kind, exceptions, PhraseFit.of(sequence, phrases, dance.main().counts()), text.text());
  }

  private PlannedException planned(int wall, WallEvent event) {
    return counts.stream()
        .filter(it -> event.kind() == WallEvent.Kind.RESTART && it.after() == event.after())
        .findFirst()
        .map(it -> new PlannedException(wall, event, it.change(), it.cutFigure()))
        .orElse(new PlannedException(wall, event, "", ""));
  }
}
