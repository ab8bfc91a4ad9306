package ulnaawl.server.runthrough;

import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import ulnaawl.server.wire.EventRef;
import ulnaawl.server.wire.ScopeView;
import ulnaawl.wall.WallEvent;

/**
 * A scope as it stands in an address.
 *
 * @param kind what kind it is; nothing: wall 1
 * @param from first section or wall; the wall of an exception, the section of an option
 * @param to last section or wall; nothing: the first
 * @param event the kind of an exception
 * @param name of an exception or an option
 * @param section first section of a repeat
 * @param last last section of a repeat
 * @param after counts of the wall before an exception
 */
public record ScopeQuery(
    ScopeView.@Nullable Kind kind,
    @Nullable Integer from,
    @Nullable Integer to,
    WallEvent.@Nullable Kind event,
    @Nullable @Size(max = 200) String name,
    @Nullable Integer section,
    @Nullable Integer last,
    @Nullable Integer after) {

  /** The same as it travels elsewhere. */
  public ScopeView view() {
    int first = from == null ? 1 : from;
    EventRef ref = event == null ? null : new EventRef(event, name, section, last, after);
    return new ScopeView(
        kind == null ? ScopeView.Kind.WALLS : kind,
        first,
        to == null ? first : to,
        ref == null ? null : ref.event(),
        name);
  }
}
