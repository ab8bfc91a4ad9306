package ulnaawl.server.platform;

import org.springframework.transaction.TransactionSystemException;

/** What was committed could not be brought to the disk: it may or may not survive a power cut. */
class NotOnDisk extends TransactionSystemException {

  NotOnDisk(Throwable cause) {
    super("What was committed could not be brought to the disk", cause);
  }
}
