package ulnaawl.server.people;

import static ulnaawl.server.tables.Tables.CLUB_ROLE;
import static ulnaawl.server.tables.Tables.CLUB_ROLE_ABILITY;
import static ulnaawl.server.tables.Tables.INVITATION;
import static ulnaawl.server.tables.Tables.PERSON;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.server.access.Ability;
import ulnaawl.server.access.BuiltInRoles;
import ulnaawl.server.access.Role;
import ulnaawl.server.platform.ReadsAll;

/** Roles in the database: the club's own, and the codes of those that are built in. */
@Repository
@RequiredArgsConstructor
class RoleStore implements ReadsAll {

  private final DSLContext database;

  /** A role of the club's own, and how often it was changed. */
  record OwnRole(Role role, int version) {}

  /** Those of the club's own, by name. */
  List<OwnRole> own() {
    Map<String, Set<Ability>> abilities =
        database
            .selectFrom(CLUB_ROLE_ABILITY)
            .fetchGroups(CLUB_ROLE_ABILITY.ROLE, CLUB_ROLE_ABILITY.ABILITY)
            .entrySet()
            .stream()
            .collect(Collectors.toMap(Map.Entry::getKey, it -> read(it.getValue())));
    return database.selectFrom(CLUB_ROLE).orderBy(CLUB_ROLE.NAME, CLUB_ROLE.CODE).stream()
        .filter(it -> BuiltInRoles.of(it.getCode()).isEmpty())
        .map(it ->
            new OwnRole(
                Role.own(
                    it.getCode(), it.getName(), abilities.getOrDefault(it.getCode(), Set.of())),
                it.getVersion()))
        .toList();
  }

  private static Set<Ability> read(List<String> words) {
    return words.stream()
        .map(Ability::valueOf)
        // The club as a whole belongs to its owners, whatever a file says.
        .filter(Ability::isOffered)
        .collect(Collectors.toUnmodifiableSet());
  }

  /** The one with a code, which somebody has. */
  Role of(String code) {
    return BuiltInRoles.of(code).or(() -> ownOf(code).map(OwnRole::role)).orElseThrow();
  }

  void add(Role role) {
    database
        .insertInto(CLUB_ROLE)
        .set(CLUB_ROLE.CODE, role.code())
        .set(CLUB_ROLE.NAME, role.name())
        .execute();
    addAbilities(role);
  }

  private void addAbilities(Role role) {
    for (Ability ability : role.abilities()) {
      database
          .insertInto(CLUB_ROLE_ABILITY)
          .set(CLUB_ROLE_ABILITY.ROLE, role.code())
          .set(CLUB_ROLE_ABILITY.ABILITY, ability.name())
          .execute();
    }
  }

  /** Whether it still had that version. */
  boolean change(Role role, int version) {
    boolean done =
        database
                .update(CLUB_ROLE)
                .set(CLUB_ROLE.NAME, role.name())
                .set(CLUB_ROLE.VERSION, version + 1)
                .where(CLUB_ROLE.CODE.eq(role.code()).and(CLUB_ROLE.VERSION.eq(version)))
                .execute()
            == 1;
    if (done) {
      database
          .deleteFrom(CLUB_ROLE_ABILITY)
          .where(CLUB_ROLE_ABILITY.ROLE.eq(role.code()))
          .execute();
      addAbilities(role);
    }
    return done;
  }

  /** How many of the club have it, or are invited to it. */
  int holders(String code) {
    return database.fetchCount(PERSON, PERSON.ROLE.eq(code).and(PERSON.ACTIVE.isTrue()))
        + database.fetchCount(INVITATION, INVITATION.ROLE.eq(code));
  }

  /** Whether it still had that version; whoever has left had it to the end, and looks on now. */
  boolean delete(String code, int version) {
    database
        .update(PERSON)
        .set(PERSON.ROLE, BuiltInRoles.VIEWER.code())
        .where(PERSON.ROLE.eq(code).and(PERSON.ACTIVE.isNull()))
        .execute();
    return database
            .deleteFrom(CLUB_ROLE)
            .where(CLUB_ROLE.CODE.eq(code).and(CLUB_ROLE.VERSION.eq(version)))
            .execute()
        == 1;
  }

  /** One of the club's own. */
  Optional<OwnRole> ownOf(String code) {
    return own().stream().filter(it -> it.role().code().equals(code)).findFirst();
  }

  @Override
  public void readAll() {
    own();
  }
}
