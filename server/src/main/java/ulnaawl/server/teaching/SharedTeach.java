package ulnaawl.server.teaching;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.server.teaching.TeachingService.Prepared;
import ulnaawl.teach.Teach;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.words.Speech;

/** A teach as anybody may see it: what is drilled how often, without notes of colleagues. */
@Component
@RequiredArgsConstructor
public class SharedTeach {

  private final TeachingService teaching;
  private final SavedTeaches saved;
  private final Speech speech;

  /** A drill; {@code percent} of full speed. */
  public record SharedDrill(
      String label, Mode mode, int percent, int repetitions, int startSecond, int seconds) {}

  /** The teach that is put together for the group, or else the one that is proposed. */
  public List<SharedDrill> of(long dance, long group, int minutes) {
    Prepared prepared = teaching.prepare(dance, group);
    Optional<SavedTeaches.Opened> opened =
        saved.open(group, dance).filter(it -> !it.drills().isEmpty());
    Teach teach =
        opened
            .map(it ->
                Teach.of(
                    prepared.lesson(),
                    it.drills().stream().map(SavedDrill::slot).toList(),
                    it.row().minutes()))
            .orElseGet(() -> Teach.of(prepared.lesson(), prepared.advice().school(), minutes));
    List<SharedDrill> drills = new ArrayList<>();
    int start = 0;
    for (Drill drill : teach.drills()) {
      drills.add(
          new SharedDrill(
              speech.teach().scope(drill.scope()),
              drill.mode(),
              drill.percent(),
              drill.repetitions(),
              start,
              drill.seconds()));
      start += drill.seconds();
    }
    return drills;
  }
}
