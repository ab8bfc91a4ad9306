package ulnaawl.server.people;

import ulnaawl.server.platform.Role;

/** Somebody who may sign in. */
record Person(long id, String name, String passwordHash, Role role) {}
