package ulnaawl.server.tokens;

import static ulnaawl.server.tables.Tables.ACCESS_TOKEN;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.server.access.TokenScope;
import ulnaawl.server.tables.tables.records.AccessTokenRecord;

/** Tokens in the database; of their words only a digest. */
@Repository
@RequiredArgsConstructor
class TokenStore {

  private final DSLContext database;

  /** Somebody's, the newest first. */
  List<Token> of(long person) {
    return database
        .selectFrom(ACCESS_TOKEN)
        .where(ACCESS_TOKEN.PERSON_ID.eq(person))
        .orderBy(ACCESS_TOKEN.ID.desc())
        .fetch(TokenStore::row);
  }

  Optional<Token> find(String digest) {
    return database
        .selectFrom(ACCESS_TOKEN)
        .where(ACCESS_TOKEN.WORD_DIGEST.eq(digest))
        .fetchOptional(TokenStore::row);
  }

  long add(String digest, Token made) {
    return database
        .insertInto(ACCESS_TOKEN)
        .set(ACCESS_TOKEN.WORD_DIGEST, digest)
        .set(ACCESS_TOKEN.PERSON_ID, made.person())
        .set(ACCESS_TOKEN.LABEL, made.label())
        .set(ACCESS_TOKEN.SCOPE, made.scope().name())
        .set(ACCESS_TOKEN.MADE_AT, made.at())
        .set(ACCESS_TOKEN.GOOD_UNTIL, made.until())
        .returningResult(ACCESS_TOKEN.ID)
        .fetchSingle()
        .value1();
  }

  void used(long id, LocalDateTime at) {
    database
        .update(ACCESS_TOKEN)
        .set(ACCESS_TOKEN.LAST_USED, at)
        .where(ACCESS_TOKEN.ID.eq(id))
        .execute();
  }

  /** The name of one that was there and that person's, which is not any more. */
  Optional<String> delete(long id, long person) {
    Optional<String> label =
        of(person).stream().filter(it -> it.id() == id).map(Token::label).findFirst();
    database
        .deleteFrom(ACCESS_TOKEN)
        .where(ACCESS_TOKEN.ID.eq(id).and(ACCESS_TOKEN.PERSON_ID.eq(person)))
        .execute();
    return label;
  }

  /** All of somebody's, who chose another password or has left. */
  void forget(long person) {
    database.deleteFrom(ACCESS_TOKEN).where(ACCESS_TOKEN.PERSON_ID.eq(person)).execute();
  }

  private static Token row(AccessTokenRecord row) {
    return new Token(
        row.getId(),
        row.getPersonId(),
        row.getLabel(),
        TokenScope.valueOf(row.getScope()),
        row.getMadeAt(),
        row.getGoodUntil(),
        Optional.ofNullable(row.getLastUsed()));
  }
}
