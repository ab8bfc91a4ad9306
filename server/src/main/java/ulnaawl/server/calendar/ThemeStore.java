package ulnaawl.server.calendar;

import static ulnaawl.server.tables.Tables.DANCE_TAG;
import static ulnaawl.server.tables.Tables.THEME;
import static ulnaawl.server.tables.Tables.THEME_TAG;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.people.PersonId;
import ulnaawl.plan.Theme;
import ulnaawl.server.platform.RowsStore;
import ulnaawl.server.tables.tables.records.DanceTagRecord;
import ulnaawl.server.tables.tables.records.ThemeTagRecord;

/** Themes, and the tags of dances, in the database. */
@Repository
@RequiredArgsConstructor
class ThemeStore {

  private final DSLContext database;

  /**
   * A theme as it is stored.
   *
   * @param by who put it up
   */
  record Row(long id, Theme theme, PersonId by) {}

  /** Those that nobody has removed, the first ones first. */
  List<Row> all() {
    Map<Long, Set<String>> tags =
        database
            .selectFrom(THEME_TAG)
            .fetchGroups(THEME_TAG.THEME_ID, THEME_TAG.TAG)
            .entrySet()
            .stream()
            .collect(Collectors.toMap(Map.Entry::getKey, it -> new TreeSet<>(it.getValue())));
    return database
        .selectFrom(THEME)
        .where(THEME.REMOVED_AT.isNull())
        .orderBy(THEME.FROM_DAY, THEME.ID)
        .fetch(row ->
            new Row(
                row.getId(),
                new Theme(
                    row.getName(),
                    row.getFromDay(),
                    row.getToDay(),
                    tags.getOrDefault(row.getId(), Set.of())),
                row.getByPerson()));
  }

  long add(Theme theme, PersonId by) {
    long id =
        database
            .insertInto(THEME)
            .set(THEME.NAME, theme.name())
            .set(THEME.FROM_DAY, theme.from())
            .set(THEME.TO_DAY, theme.to())
            .set(THEME.BY_PERSON, by)
            .returningResult(THEME.ID)
            .fetchSingle()
            .value1();
    RowsStore.insert(
        database, theme.tags().stream().map(it -> new ThemeTagRecord(id, it)).toList());
    return id;
  }

  /** Whether it was there, and so was removed. */
  boolean remove(long id, PersonId by, LocalDateTime at) {
    return database
            .update(THEME)
            .set(THEME.REMOVED_BY, by)
            .set(THEME.REMOVED_AT, at)
            .where(THEME.ID.eq(id).and(THEME.REMOVED_AT.isNull()))
            .execute()
        == 1;
  }

  /** The tags of every dance that has some, by its number. */
  Map<Long, Set<String>> tags() {
    return database
        .selectFrom(DANCE_TAG)
        .fetchGroups(DANCE_TAG.DANCE_ID, DANCE_TAG.TAG)
        .entrySet()
        .stream()
        .collect(Collectors.toMap(Map.Entry::getKey, it -> new TreeSet<>(it.getValue())));
  }

  void tag(long dance, Set<String> tags) {
    RowsStore.rewrite(
        database,
        DANCE_TAG.DANCE_ID,
        dance,
        tags.stream().map(it -> new DanceTagRecord(dance, it)).toList());
  }
}
