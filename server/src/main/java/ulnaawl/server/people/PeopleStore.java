package ulnaawl.server.people;

import static ulnaawl.server.tables.Tables.PERSON;
import static ulnaawl.server.tables.Tables.SET_UP;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record2;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.BuiltInRoles;
import ulnaawl.server.access.Role;
import ulnaawl.server.platform.Names;
import ulnaawl.server.platform.ReadsAll;
import ulnaawl.server.platform.VersionedStore;
import ulnaawl.server.tables.tables.records.PersonRecord;

/** People in the database. */
@Repository
@RequiredArgsConstructor
class PeopleStore implements ReadsAll {

  private static final VersionedStore<PersonRecord> ROWS =
      new VersionedStore<>(PERSON.ID, PERSON.VERSION, PERSON.ACTIVE);

  /** Who is only named in the record has no key of a name: nobody can come in by it. */
  private static final Condition NO_LOOK =
      PERSON.LOOK_KEY.isNull().and(PERSON.NAME_KEY.isNotNull());

  private final DSLContext database;
  private final RoleStore roles;

  boolean isEmpty() {
    return database.fetchCount(PERSON) == 0;
  }

  /** Those who may sign in. */
  List<Person> all() {
    return database
        .selectFrom(PERSON)
        .where(PERSON.ACTIVE.isTrue())
        .orderBy(PERSON.NAME_KEY)
        .fetch(this::person);
  }

  /** What everybody is called who is or was of the club and is not to be forgotten. */
  Map<PersonId, String> allNames() {
    return database
        .select(PERSON.ID, PERSON.NAME)
        .from(PERSON)
        .where(PERSON.NAME.isNotNull())
        .fetchMap(row -> new PersonId(row.value1()), Record2::value2);
  }

  Optional<String> name(PersonId person) {
    return database
        .select(PERSON.NAME)
        .from(PERSON)
        .where(PERSON.ID.eq(person.number()).and(PERSON.NAME.isNotNull()))
        .fetchOptional(PERSON.NAME);
  }

  /** Those who have left and are named in the records, by name. */
  List<Person> allLeft() {
    return database
        .selectFrom(PERSON)
        .where(PERSON.ACTIVE.isNull().and(PERSON.NAME.isNotNull()))
        .orderBy(PERSON.NAME, PERSON.ID)
        .fetch(this::person);
  }

  /** Somebody who has left and is named in the records. */
  Optional<Person> left(long id) {
    return one(PERSON.ID.eq(id).and(PERSON.ACTIVE.isNull()).and(PERSON.NAME.isNotNull()));
  }

  /** Those who have left and are named in the records. */
  Optional<Person> left(String name) {
    return one(PERSON.NAME_KEY.eq(Names.key(name)).and(PERSON.ACTIVE.isNull()));
  }

  Optional<Person> find(long id) {
    return one(PERSON.ID.eq(id).and(PERSON.ACTIVE.isTrue()));
  }

  Optional<Person> named(String name) {
    return one(PERSON.NAME_KEY.eq(Names.key(name)).and(PERSON.ACTIVE.isTrue()));
  }

  /** Somebody else, here or gone, whose name looks like this one. */
  Optional<Person> lookalike(String name, long except) {
    return one(PERSON.LOOK_KEY.eq(Names.look(name)).and(PERSON.ID.ne(except)));
  }

  private Optional<Person> one(Condition condition) {
    return database.selectFrom(PERSON).where(condition).fetchOptional(this::person);
  }

  /** The owners there are; until the transaction ends nobody else changes who they are. */
  List<Long> holdOwners() {
    return database
        .select(PERSON.ID)
        .from(PERSON)
        .where(PERSON.ACTIVE.isTrue().and(PERSON.ROLE.eq(BuiltInRoles.OWNER.code())))
        .orderBy(PERSON.ID)
        .forUpdate()
        .fetch(PERSON.ID);
  }

  /** Marks the club as set up; refused by the database where it is. */
  void markSetUp(String club, LocalDateTime at) {
    database
        .insertInto(SET_UP)
        .set(SET_UP.ONLY_ONCE, 1)
        .set(SET_UP.MADE_AT, at)
        .set(SET_UP.CLUB, club)
        .execute();
  }

  /** Which club this is; empty before it was set up. */
  Optional<String> club() {
    return database.select(SET_UP.CLUB).from(SET_UP).fetchOptional(SET_UP.CLUB);
  }

  /** Another club is here from now on. */
  void becomeClub(String club) {
    database.update(SET_UP).set(SET_UP.CLUB, club).execute();
  }

  void setHash(long id, String passwordHash) {
    database
        .update(PERSON)
        .set(PERSON.PASSWORD_HASH, passwordHash)
        .where(PERSON.ID.eq(id))
        .execute();
  }

  void seen(long id, LocalDateTime at) {
    database.update(PERSON).set(PERSON.LAST_SEEN, at).where(PERSON.ID.eq(id)).execute();
  }

  /** Changes name and role; whether the person still had that version. */
  boolean change(long id, int version, String name, Role role) {
    return ROWS.changeInSight(database, id, version, values(name, role));
  }

  private static PersonRecord values(String name, Role role) {
    PersonRecord values = new PersonRecord();
    values.setName(name);
    values.setNameKey(Names.key(name));
    values.setLookKey(Names.look(name));
    values.setRole(role.code());
    return values;
  }

  /** Takes somebody out of the club; whether they still had that version. */
  boolean remove(long id, int version) {
    return ROWS.archive(database, id, version);
  }

  /** Leaves the number and nothing of the name; whether the row still had that version. */
  boolean forget(long id, int version) {
    PersonRecord values = new PersonRecord();
    values.setForgotten(true);
    values.set(PERSON.NAME, null);
    values.set(PERSON.NAME_KEY, null);
    values.set(PERSON.LOOK_KEY, null);
    values.set(PERSON.LAST_SEEN, null);
    values.set(PERSON.ACTIVE, null);
    values.setPasswordHash("");
    return ROWS.change(database, id, version, values);
  }

  /** Somebody who had left is back. */
  void comeBack(Person person, String passwordHash, Role role) {
    PersonRecord values = new PersonRecord();
    values.setPasswordHash(passwordHash);
    values.setRole(role.code());
    ROWS.changeAndShow(database, person.id(), person.version(), values);
  }

  long add(String name, String passwordHash, Role role, LocalDateTime at) {
    PersonRecord values = values(name, role);
    values.setPasswordHash(passwordHash);
    values.setCreatedAt(at);
    return ROWS.add(database, values);
  }

  /** Names that an earlier release wrote get their look, unless another one has it already. */
  void fillInLooks() {
    for (PersonRecord row : database.selectFrom(PERSON).where(NO_LOOK).fetch()) {
      String look = Names.look(row.getName());
      database
          .update(PERSON)
          .set(PERSON.LOOK_KEY, look)
          .set(PERSON.NAME_KEY, Names.key(row.getName()))
          .where(PERSON.ID.eq(row.getId()))
          .andNotExists(
              DSL.selectOne().from(PERSON.as("other")).where(PERSON.as("other").LOOK_KEY.eq(look)))
          .execute();
    }
  }

  boolean someHaveNoLook() {
    return database.fetchExists(PERSON, NO_LOOK);
  }

  private Person person(PersonRecord row) {
    return person(row, roles.of(row.getRole()));
  }

  private static Person person(PersonRecord row, Role role) {
    return new Person(
        row.getId(),
        row.getName(),
        row.getPasswordHash(),
        role,
        row.getVersion(),
        row.getActive() != null,
        Optional.ofNullable(row.getLastSeen()));
  }

  @Override
  public void readAll() {
    database.selectFrom(PERSON).where(PERSON.NAME.isNotNull()).forEach(this::person);
  }
}
