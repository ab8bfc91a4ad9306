package ulnaawl.server.teaching;

import ulnaawl.people.PersonId;
import ulnaawl.server.dances.DanceVersion;

/** A note on a section as it is stored: its number is that of the version it was written for. */
record WatchOutRow(long id, DanceVersion at, int section, String note, PersonId by, int version) {}
