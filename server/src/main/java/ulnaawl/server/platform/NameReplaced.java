package ulnaawl.server.platform;

/**
 * The records call somebody otherwise from now on; announced in the transaction in which it
 * happens, and each feature changes its own records.
 */
public record NameReplaced(String from, String to) {}
