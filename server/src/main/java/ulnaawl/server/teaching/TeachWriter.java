package ulnaawl.server.teaching;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import ulnaawl.server.teaching.SavedTeaches.Opened;
import ulnaawl.server.teaching.TeachView.AddableView;
import ulnaawl.server.teaching.TeachView.DrillView;
import ulnaawl.server.teaching.TeachView.HowFarView;
import ulnaawl.server.teaching.TeachView.PieceView;
import ulnaawl.server.teaching.TeachView.SavedTeach;
import ulnaawl.server.teaching.TeachView.SchoolView;
import ulnaawl.server.teaching.TeachView.TeachOptions;
import ulnaawl.server.teaching.TeachView.TeachSheet;
import ulnaawl.server.teaching.TeachingService.Prepared;
import ulnaawl.server.wire.ReasonView;
import ulnaawl.server.wire.Reasons;
import ulnaawl.server.wire.ScopeView;
import ulnaawl.teach.HowFar;
import ulnaawl.teach.Teach;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Load;
import ulnaawl.teach.lesson.Piece;
import ulnaawl.teach.school.School;
import ulnaawl.teach.school.SchoolAdvice;
import ulnaawl.words.Speech;
import ulnaawl.words.TeachSpeech;

/** Writes teaches for the browser. */
@Component
class TeachWriter {

  private final Reasons reasons;
  private final TeachSpeech speech;

  TeachWriter(Reasons reasons, Speech speech) {
    this.reasons = reasons;
    this.speech = speech.teach();
  }

  TeachOptions options(Prepared prepared, List<WatchOut> watchOuts) {
    SchoolAdvice advice = prepared.advice();
    return new TeachOptions(
        Stream.of(School.values())
            .map(it -> new SchoolView(it, speech.school(it), speech.goodFor(it)))
            .toList(),
        advice.school(),
        reasons.view(advice.why(), speech::why),
        prepared.lesson().scopes().stream()
            .map(scope -> new AddableView(ScopeView.of(scope), speech.scope(scope)))
            .toList(),
        watchOuts);
  }

  TeachSheet sheet(long dance, int minutes, int timesTaken, Prepared prepared, Teach teach) {
    Lesson lesson = prepared.lesson();
    return new TeachSheet(
        dance,
        lesson.dance().title(),
        prepared.group().id(),
        prepared.group().name(),
        teach.school().orElse(null),
        minutes,
        teach.seconds(),
        teach.sections(),
        lesson.dance().headers().meter().sectionCounts(),
        teach.reached(),
        teach.isWhole(),
        percent(teach.leastSection()),
        lesson.learner().pace().classPercent(),
        timesTaken,
        teach.rest().map(it -> reasons.view(it, speech::reason)).orElse(null),
        teach.howFar().stream().map(TeachWriter::howFar).toList(),
        pieces(lesson, teach),
        drills(teach),
        reasons.views(teach.reasons(), speech::reason));
  }

  private static HowFarView howFar(HowFar far) {
    return new HowFarView(
        far.upTo(),
        far.reached().label(),
        far.shortestSeconds(),
        far.fits(),
        percent(far.leastDone()),
        far.chosen());
  }

  private List<DrillView> drills(Teach teach) {
    List<DrillView> drills = new ArrayList<>();
    int start = 0;
    for (int i = 0; i < teach.drills().size(); i++) {
      Drill drill = teach.drills().get(i);
      drills.add(
          new DrillView(
              ScopeView.of(drill.scope()),
              speech.scope(drill.scope()),
              drill.mode(),
              drill.percent(),
              drill.repetitions(),
              drill.counts(),
              start,
              drill.seconds(),
              drill.startFacing(),
              reasons.views(drill.say(), speech::say),
              teach.steps().get(i).stream().map(TeachWriter::percent).toList(),
              teach.practised(i + 1)));
      start += drill.seconds();
    }
    return drills;
  }

  private List<PieceView> pieces(Lesson lesson, Teach teach) {
    List<PieceView> pieces = new ArrayList<>();
    for (int i = 0; i < teach.pieces().size(); i++) {
      Piece piece = teach.pieces().get(i);
      List<String> danced = teach.exposures().get(i).stream().map(speech::exposure).toList();
      int before = percent(teach.before().get(i));
      if (piece instanceof Piece.Steps it) {
        Load load = lesson.load(lesson.sections().get(it.section() - 1));
        List<ReasonView> parts =
            load.parts().stream()
                .map(part -> reasons.view(part.reason(), _ -> speech.load(part)))
                .toList();
        pieces.add(
            new PieceView(
                speech.piece(piece), it.section(), load.plainCounts(), parts, before, danced));
      } else {
        pieces.add(new PieceView(speech.piece(piece), null, 0, List.of(), before, danced));
      }
    }
    return pieces;
  }

  SavedTeach saved(Opened opened) {
    TeachRow row = opened.row();
    return new SavedTeach(
        row.version(),
        row.at().version(),
        row.school().orElse(null),
        row.minutes(),
        opened.drills(),
        opened.gone(),
        row.madeBy(),
        row.updatedBy(),
        row.updatedAt());
  }

  /** Rounded down: nothing is ever wholly ready. */
  private static int percent(int thousandths) {
    return thousandths / 10;
  }
}
