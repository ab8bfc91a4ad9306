package ulnaawl.server.listing;

import ulnaawl.learning.Stage;

/** A group that has met a dance, and how far it got. */
record Known(long group, String name, Stage stage) {}
