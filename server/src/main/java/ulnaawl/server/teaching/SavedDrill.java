package ulnaawl.server.teaching;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import ulnaawl.server.wire.ScopeView;
import ulnaawl.teach.ladder.TempoLadder;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.school.OpenDrill;

/** A drill as somebody wants it, sent and stored; a locked one keeps its repetitions. */
record SavedDrill(
    @NotNull @Valid ScopeView scope,
    @NotNull Mode mode,
    @Min(TempoLadder.LOWEST) @Max(100) int percent,
    @Min(1) @Max(OpenDrill.MOST) int repetitions,
    boolean locked) {

  OpenDrill slot() {
    return locked
        ? OpenDrill.locked(scope.scope(), mode, percent, repetitions)
        : OpenDrill.open(scope.scope(), mode, percent);
  }

  SavedDrill withScope(ScopeView other) {
    return new SavedDrill(other, mode, percent, repetitions, locked);
  }
}
