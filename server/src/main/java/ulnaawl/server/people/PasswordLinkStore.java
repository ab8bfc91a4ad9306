package ulnaawl.server.people;

import static ulnaawl.server.tables.Tables.PASSWORD_LINK;

import java.time.LocalDateTime;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Links with which somebody chooses a new password, in the database. */
@Repository
@RequiredArgsConstructor
class PasswordLinkStore {

  private final DSLContext database;

  /** Keeps a person's newest link; one from before is worth nothing any more. */
  void keep(long person, String digest, LocalDateTime until) {
    delete(person);
    database
        .insertInto(PASSWORD_LINK)
        .set(PASSWORD_LINK.PERSON_ID, person)
        .set(PASSWORD_LINK.WORD_DIGEST, digest)
        .set(PASSWORD_LINK.GOOD_UNTIL, until)
        .execute();
  }

  /** Whose link it is, and takes it away, so that it is good once. */
  Optional<Long> take(String digest, LocalDateTime now) {
    Optional<Long> person =
        database
            .select(PASSWORD_LINK.PERSON_ID)
            .from(PASSWORD_LINK)
            .where(PASSWORD_LINK.WORD_DIGEST.eq(digest).and(PASSWORD_LINK.GOOD_UNTIL.gt(now)))
            .forUpdate()
            .fetchOptional(PASSWORD_LINK.PERSON_ID);
    person.ifPresent(this::delete);
    return person;
  }

  void delete(long person) {
    database.deleteFrom(PASSWORD_LINK).where(PASSWORD_LINK.PERSON_ID.eq(person)).execute();
  }
}
