package ulnaawl.cli;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import tools.jackson.databind.json.JsonMapper;
import ulnaawl.dance.Compilation;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Footwork;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.Spot;
import ulnaawl.level.LevelMeasure;
import ulnaawl.level.MeasuredLevel;
import ulnaawl.notation.Stated;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.SourceText;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallSequence;
import ulnaawl.words.Speech;

/** The report as JSON; its keys are fixed in docs/step-text.md. */
final class JsonReport {

  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private JsonReport() {}

  /** One report, or several as an array. */
  static String write(Object reports) {
    return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(reports);
  }

  static Map<String, Object> of(
      String file, String text, Compilation compiled, WallSequence sequence) {
    Dance dance = compiled.dance();
    Map<String, Object> report = new LinkedHashMap<>();
    report.put("file", file);
    report.put("title", dance.title());
    report.put("counts", dance.counts());
    report.put("walls", dance.walls());
    report.put("turn", hours(dance.turn().netHours()));
    report.put("startWeight", dance.startWeight().label());
    report.put("endWeight", dance.parts().getLast().endWeight().label());
    report.put("sections", dance.sections().stream().map(JsonReport::section).toList());
    report.put("turnAfter", turnAfter(dance));
    report.put(
        "places",
        dance.parts().stream()
            .flatMap(part -> Footwork.of(part.places()).stream())
            .map(JsonReport::place)
            .toList());
    report.put("figures", dance.figures());
    report.put("level", level(dance));
    report.put("sequence", sequence.walls().stream().map(JsonReport::wall).toList());
    sequence
        .songEnd()
        .ifPresent(end ->
            report.put(
                "songEnd",
                ordered(
                    "wall",
                    end.wall(),
                    "count",
                    end.count(),
                    "facing",
                    hours(end.facing().hours()))));
    SourceText source = SourceText.of(text);
    report.put(
        "diagnostics",
        compiled.diagnostics().stream().map(one -> diagnostic(one, source)).toList());
    return report;
  }

  private static Map<String, Object> section(Section section) {
    return ordered(
        "number", section.number(),
        "counts", section.counts(),
        "startFacing", hours(section.startFacing().hours()),
        "endFacing", hours(section.endFacing().hours()),
        "startWeight", section.startWeight().label(),
        "endWeight", section.endWeight().label());
  }

  /** For every whole count of the dance; parts follow one another. */
  private static Map<String, Object> turnAfter(Dance dance) {
    Map<String, Object> turns = new LinkedHashMap<>();
    int before = 0;
    for (Passage part : dance.parts()) {
      for (int count = 1; count <= part.counts(); count++) {
        turns.put(String.valueOf(before + count), hours(part.turnAfter(count).netHours()));
      }
      before += part.counts();
    }
    return turns;
  }

  private static Map<String, Object> place(Footwork.After after) {
    Place place = after.place();
    Map<String, Object> result =
        ordered(
            "section", place.section(),
            "count", place.count().label(),
            "foot", place.foot().map(foot -> foot.letter()).orElse(""),
            "action", place.description(),
            "weight", place.after().label(),
            "facing", hours(place.facing().hours()));
    result.put("figure", place.figure());
    result.put("known", place.known().figure());
    result.put("step", place.step());
    result.put("turn", place.turn().label());
    result.put("call", place.call().words());
    result.put("feet", ordered("L", spot(after.feet().left()), "R", spot(after.feet().right())));
    return result;
  }

  /** Step lengths from the start of the part: to the right, to the front. */
  private static List<Double> spot(Spot spot) {
    return List.of(Math.round(spot.x() * 1000) / 1000.0, Math.round(spot.y() * 1000) / 1000.0);
  }

  private static Map<String, Object> level(Dance dance) {
    MeasuredLevel measured = LevelMeasure.of(dance, FigureBook.standard());
    return ordered(
        "stated",
        dance.headers().level().map(Stated::value).map(level -> level.label()).orElse(""),
        "measured",
        measured.level().label(),
        "reasons",
        measured.reasons().stream().map(Speech.english().level()::reason).toList());
  }

  private static Map<String, Object> wall(Wall wall) {
    Map<String, Object> result =
        ordered(
            "wall", wall.number(),
            "part", wall.part(),
            "startFacing", hours(wall.startFacing().hours()),
            "endFacing", hours(wall.endFacing().hours()),
            "counts", wall.counts(),
            "events", wall.events().stream().map(event -> event.id().notation()).toList());
    wall.startMillis().ifPresent(millis -> result.put("startMillis", millis));
    return result;
  }

  private static Map<String, Object> diagnostic(Diagnostic one, SourceText source) {
    List<String> mends = new ArrayList<>();
    one.mends().forEach(mend -> mends.add(mend.label()));
    return ordered(
        "severity", one.severity().word(),
        "code", one.code().word(),
        "line", source.line(one.span().start()),
        "column", source.column(one.span().start()),
        "message", one.message(),
        "mends", mends);
  }

  /** Whole hours as whole numbers, corners as halves. */
  private static Number hours(double hours) {
    return hours == Math.rint(hours) ? (Number) (int) hours : (Number) hours;
  }

  private static Map<String, Object> ordered(Object... pairs) {
    Map<String, Object> map = new LinkedHashMap<>();
    Stream.iterate(0, i -> i < pairs.length, i -> i + 2)
        .forEach(i -> map.put((String) pairs[i], pairs[i + 1]));
    return map;
  }
}
