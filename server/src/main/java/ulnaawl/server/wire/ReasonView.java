package ulnaawl.server.wire;

import tools.jackson.databind.JsonNode;

/**
 * Why something is so.
 *
 * @param code which reason it is; stable
 * @param args its arguments; what they are depends on the code
 * @param text the sentence, made when it is asked for
 */
public record ReasonView(String code, JsonNode args, String text) {}
