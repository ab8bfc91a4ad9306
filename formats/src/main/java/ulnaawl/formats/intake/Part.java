package ulnaawl.formats.intake;

/**
 * A file that was brought, by itself or in a bundle.
 *
 * @param name as it is shown; nothing is opened by it
 */
public record Part(String name, Content content) {}
