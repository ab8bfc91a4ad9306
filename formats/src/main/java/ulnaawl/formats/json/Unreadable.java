package ulnaawl.formats.json;

/** A file that is no JSON, or more of it than is read; says where. */
public final class Unreadable extends Exception {

  Unreadable(String what) {
    super(what);
  }
}
