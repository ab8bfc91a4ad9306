package ulnaawl.server.classes;

import java.time.LocalDate;
import java.util.Map;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/** The words that leaders left with their classes. */
@Component
@RequiredArgsConstructor
public class ClassNotes {

  private final ClassStore store;

  /** By the day of the class; of classes that were written down with a word. */
  public Map<LocalDate, String> of(long group) {
    return store.recordedOf(group).stream()
        .filter(row -> !row.note().isBlank())
        .collect(Collectors.toMap(ClassRow::date, ClassRow::note, (first, _) -> first));
  }
}
