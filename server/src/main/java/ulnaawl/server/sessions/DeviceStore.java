package ulnaawl.server.sessions;

import static ulnaawl.server.tables.Tables.DEVICE;

import java.time.LocalDateTime;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Known devices in the database. */
@Repository
@RequiredArgsConstructor
class DeviceStore {

  /** So many devices of one person are known; the one that came first is forgotten first. */
  private static final int MOST = 20;

  private final DSLContext database;

  boolean has(long person, String digest) {
    return database.fetchExists(
        DEVICE, DEVICE.PERSON_ID.eq(person).and(DEVICE.TOKEN_DIGEST.eq(digest)));
  }

  void forget(long person) {
    database.deleteFrom(DEVICE).where(DEVICE.PERSON_ID.eq(person)).execute();
  }

  void add(long person, String digest, LocalDateTime at) {
    database
        .insertInto(DEVICE)
        .set(DEVICE.PERSON_ID, person)
        .set(DEVICE.TOKEN_DIGEST, digest)
        .set(DEVICE.MADE_AT, at)
        .execute();
    database
        .deleteFrom(DEVICE)
        .where(DEVICE.PERSON_ID.eq(person))
        .and(
            DEVICE.ID.notIn(
                DSL.select(DEVICE.ID)
                    .from(DEVICE)
                    .where(DEVICE.PERSON_ID.eq(person))
                    .orderBy(DEVICE.ID.desc())
                    .limit(MOST)))
        .execute();
  }
}
