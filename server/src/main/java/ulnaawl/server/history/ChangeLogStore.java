package ulnaawl.server.history;

import static ulnaawl.server.tables.Tables.CHANGE_LOG;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import ulnaawl.people.PersonId;
import ulnaawl.server.tables.tables.records.ChangeLogRecord;

/** The log of changes in the database; nothing in it is ever changed. */
@Repository
@RequiredArgsConstructor
class ChangeLogStore {

  private static final int LONGEST_SUBJECT = 300;

  private final DSLContext database;

  void add(Change change, LocalDateTime at) {
    database
        .insertInto(CHANGE_LOG)
        .set(CHANGE_LOG.CHANGED_AT, at)
        .set(CHANGE_LOG.BY_PERSON, change.by())
        .set(CHANGE_LOG.THING, change.thing().name())
        .set(CHANGE_LOG.THING_ID, change.id())
        .set(CHANGE_LOG.ACTION, change.action().name())
        .set(CHANGE_LOG.FROM_VERSION, change.fromVersion())
        .set(CHANGE_LOG.TO_VERSION, change.toVersion())
        .set(CHANGE_LOG.SUBJECT, cut(change.subject()))
        .set(CHANGE_LOG.CONTENT, change.content().orElse(null))
        .execute();
  }

  /** The newest of all, the newest first; those that a page asks for. */
  List<LogRow> newest(
      Optional<Long> before, Optional<Thing> thing, Optional<PersonId> by, int most) {
    Condition where =
        DSL.and(
            before.map(CHANGE_LOG.ID::lt).orElse(DSL.noCondition()),
            thing.map(it -> CHANGE_LOG.THING.eq(it.name())).orElse(DSL.noCondition()),
            by.map(CHANGE_LOG.BY_PERSON::eq).orElse(DSL.noCondition()));
    return rows(where, most);
  }

  /** The newest changes of one thing, the newest first. */
  List<LogRow> of(Thing thing, long id, int most) {
    return rows(CHANGE_LOG.THING.eq(thing.name()).and(CHANGE_LOG.THING_ID.eq(id)), most);
  }

  /** How a thing was in a version, as the log has it. */
  Optional<String> content(Thing thing, long id, int version) {
    return rows(
            CHANGE_LOG
                .THING
                .eq(thing.name())
                .and(CHANGE_LOG.THING_ID.eq(id))
                .and(CHANGE_LOG.TO_VERSION.eq(version))
                .and(CHANGE_LOG.CONTENT.isNotNull()),
            1)
        .stream()
        .findFirst()
        .flatMap(row -> row.change().content());
  }

  /** Things of a kind whose last change archived them, the latest first. */
  List<LogRow> archived(Thing thing, int most) {
    var later = CHANGE_LOG.as("later");
    return rows(
        CHANGE_LOG
            .THING
            .eq(thing.name())
            .and(CHANGE_LOG.ACTION.eq(Action.ARCHIVED.name()))
            .andNotExists(
                DSL.selectOne()
                    .from(later)
                    .where(later.THING.eq(CHANGE_LOG.THING))
                    .and(later.THING_ID.eq(CHANGE_LOG.THING_ID))
                    .and(later.ID.gt(CHANGE_LOG.ID))),
        most);
  }

  private List<LogRow> rows(Condition where, int most) {
    return database
        .selectFrom(CHANGE_LOG)
        .where(where)
        .orderBy(CHANGE_LOG.ID.desc())
        .limit(most)
        .fetch(ChangeLogStore::row);
  }

  private static LogRow row(ChangeLogRecord row) {
    return new LogRow(
        row.getId(),
        row.getChangedAt(),
        new Change(
            Thing.valueOf(row.getThing()),
            row.getThingId(),
            Action.valueOf(row.getAction()),
            row.getByPerson(),
            row.getFromVersion(),
            row.getToVersion(),
            row.getSubject(),
            Optional.ofNullable(row.getContent())));
  }

  private static String cut(String subject) {
    return subject.length() > LONGEST_SUBJECT
        ? subject.substring(0, LONGEST_SUBJECT - 1) + "…"
        : subject;
  }
}
