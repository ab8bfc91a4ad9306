package ulnaawl.server.dances;

import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.server.dances.DanceView.Reading;
import ulnaawl.sheet.prose.ProseSheet;

/** A dance as its sheet shows it: for people outside the club, too. */
@Component
@RequiredArgsConstructor
public class SharedSheet {

  private final DanceService dances;
  private final DanceReader reader;
  private final ReadingWriter writer;

  /** All that is drawn of it. */
  public Reading reading(long dance) {
    return writer.write(dances.danceable(dance), reader.book());
  }

  /** The same in full sentences. */
  public String prose(long dance) {
    return ProseSheet.of(dances.danceable(dance).dance(), reader.book());
  }
}
