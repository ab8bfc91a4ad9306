package ulnaawl.server.register;

/**
 * A name was deleted from the registers for good, and is to be forgotten wherever it stands.
 *
 * @param instead what is said from now on
 */
public record DancerForgotten(String name, String instead) {}
