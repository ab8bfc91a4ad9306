package ulnaawl.server.dances;

import java.time.LocalDateTime;
import ulnaawl.dance.lineage.SectionKeys;
import ulnaawl.people.PersonId;

/**
 * A version of a dance as it is stored; of {@link DanceStore#all} the newest.
 *
 * @param version rises with every change
 * @param keys which section is which through all versions
 * @param writtenAt in universal time
 * @param archived whether the dance has been removed from sight
 */
public record DanceRow(
    long id,
    int version,
    String title,
    String stepText,
    SectionKeys keys,
    PersonId writtenBy,
    LocalDateTime writtenAt,
    boolean archived) {

  /** Where something that happened with it now points to. */
  public DanceVersion at() {
    return new DanceVersion(id, version);
  }
}
