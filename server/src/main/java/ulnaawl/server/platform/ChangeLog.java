package ulnaawl.server.platform;

import static ulnaawl.server.tables.Tables.CHANGE_LOG;

import org.jooq.DSLContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Writes down every change, in the transaction that makes it. */
@Component
class ChangeLog {

  private final DSLContext database;
  private final Today today;

  ChangeLog(DSLContext database, Today today) {
    this.database = database;
    this.today = today;
  }

  @EventListener
  void write(Change change) {
    database
        .insertInto(CHANGE_LOG)
        .set(CHANGE_LOG.CHANGED_AT, today.moment())
        .set(CHANGE_LOG.BY_NAME, change.by())
        .set(CHANGE_LOG.WHAT, change.what())
        .set(CHANGE_LOG.SUBJECT, cut(change.subject()))
        .execute();
  }

  private static String cut(String subject) {
    return subject.length() > 300 ? subject.substring(0, 299) + "…" : subject;
  }
}
