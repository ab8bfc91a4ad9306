package ulnaawl.server.people;

import static ulnaawl.server.tables.Tables.PERSON;
import static ulnaawl.server.tables.Tables.SET_UP;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.server.platform.Role;

/** People in the database. */
@Repository
class PeopleStore {

  private final DSLContext database;

  PeopleStore(DSLContext database) {
    this.database = database;
  }

  boolean isEmpty() {
    return database.fetchCount(PERSON) == 0;
  }

  List<Person> all() {
    return database.selectFrom(PERSON).orderBy(PERSON.NAME_KEY).fetch(PeopleStore::person);
  }

  Optional<Person> named(String name) {
    return database
        .selectFrom(PERSON)
        .where(PERSON.NAME_KEY.eq(key(name)))
        .fetchOptional(PeopleStore::person);
  }

  /** Marks the club as set up; refused by the database where it is. */
  void markSetUp(LocalDateTime at) {
    database.insertInto(SET_UP).set(SET_UP.ONLY_ONCE, 1).set(SET_UP.MADE_AT, at).execute();
  }

  void setHash(long id, String passwordHash) {
    database
        .update(PERSON)
        .set(PERSON.PASSWORD_HASH, passwordHash)
        .where(PERSON.ID.eq(id))
        .execute();
  }

  long add(String name, String passwordHash, Role role, LocalDateTime at) {
    return database
        .insertInto(PERSON)
        .set(PERSON.NAME, name)
        .set(PERSON.NAME_KEY, key(name))
        .set(PERSON.PASSWORD_HASH, passwordHash)
        .set(PERSON.ROLE, role.name())
        .set(PERSON.CREATED_AT, at)
        .returningResult(PERSON.ID)
        .fetchSingle()
        .value1();
  }

  private static String key(String name) {
    return name.strip().toLowerCase(Locale.ROOT);
  }

  private static Person person(ulnaawl.server.tables.tables.records.PersonRecord row) {
    return new Person(
        row.getId(), row.getName(), row.getPasswordHash(), Role.valueOf(row.getRole()));
  }
}
