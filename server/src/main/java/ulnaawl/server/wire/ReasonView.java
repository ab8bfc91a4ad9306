package ulnaawl.server.wire;

/**
 * Why something is so. What it was made of stays inside: names of dancers can be among it.
 *
 * @param code which reason it is; stable
 * @param text the sentence, made when it is asked for
 */
public record ReasonView(String code, String text) {}
