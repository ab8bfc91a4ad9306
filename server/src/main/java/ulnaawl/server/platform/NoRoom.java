package ulnaawl.server.platform;

import org.springframework.transaction.CannotCreateTransactionException;

/** The disk is full: nothing was written, and what is there can be read. */
class NoRoom extends CannotCreateTransactionException {

  NoRoom() {
    super("The disk is full");
  }
}
