package ulnaawl.server.people;

import static ulnaawl.server.tables.Tables.INVITATION;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.people.PersonId;
import ulnaawl.server.tables.tables.records.InvitationRecord;

/** Invitations in the database; one that was used or revoked is deleted. */
@Repository
@RequiredArgsConstructor
class InvitationStore {

  private final DSLContext database;
  private final RoleStore roles;

  /** Those that are still good, the newest first. */
  List<Invitation> good(LocalDateTime now) {
    return database
        .selectFrom(INVITATION)
        .where(INVITATION.GOOD_UNTIL.gt(now))
        .orderBy(INVITATION.ID.desc())
        .fetch(this::invitation);
  }

  void add(String digest, Invitation made) {
    database
        .insertInto(INVITATION)
        .set(INVITATION.WORD_DIGEST, digest)
        .set(INVITATION.NAME, made.name())
        .set(INVITATION.FOR_PERSON, made.back().orElse(null))
        .set(INVITATION.ROLE, made.role().code())
        .set(INVITATION.MADE_BY, made.madeBy())
        .set(INVITATION.MADE_AT, made.madeAt())
        .set(INVITATION.GOOD_UNTIL, made.goodUntil())
        .execute();
  }

  Optional<Invitation> find(String digest, LocalDateTime now) {
    return database
        .selectFrom(INVITATION)
        .where(INVITATION.WORD_DIGEST.eq(digest).and(INVITATION.GOOD_UNTIL.gt(now)))
        .forUpdate()
        .fetchOptional(this::invitation);
  }

  /** Whether it was there. */
  boolean delete(long id) {
    return database.deleteFrom(INVITATION).where(INVITATION.ID.eq(id)).execute() == 1;
  }

  /** Nobody comes back with them. */
  void deleteFor(PersonId person) {
    database.deleteFrom(INVITATION).where(INVITATION.FOR_PERSON.eq(person)).execute();
  }

  void deleteOld(LocalDateTime now) {
    database.deleteFrom(INVITATION).where(INVITATION.GOOD_UNTIL.le(now)).execute();
  }

  private Invitation invitation(InvitationRecord row) {
    return new Invitation(
        row.getId(),
        row.getName(),
        Optional.ofNullable(row.getForPerson()),
        roles.of(row.getRole()),
        row.getMadeBy(),
        row.getMadeAt(),
        row.getGoodUntil());
  }
}
