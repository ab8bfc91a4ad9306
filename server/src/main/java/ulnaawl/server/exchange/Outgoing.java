package ulnaawl.server.exchange;

import java.util.List;
import ulnaawl.formats.table.ClubTable;

/** A table that a feature gives, as it takes it in again. */
public interface Outgoing {

  ClubTable table();

  /** Its rows, a cell for each of {@link ClubTable#columns()}. */
  List<List<String>> rows();
}
