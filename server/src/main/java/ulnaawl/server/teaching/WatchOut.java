package ulnaawl.server.teaching;

import ulnaawl.people.PersonId;

/**
 * A section that trips people up, with a note for colleagues.
 *
 * @param section its number now
 * @param version rises with every change of the note
 */
public record WatchOut(int section, String note, PersonId by, int version) {}
