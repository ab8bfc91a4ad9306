package ulnaawl.server.backup;

/** Why a backup was made. */
public enum Occasion {
  DAILY,
  BEFORE_UPGRADE,
  ASKED
}
