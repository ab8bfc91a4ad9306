package ulnaawl.server.sharing;

import static ulnaawl.server.tables.Tables.SHARE_LINK;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.server.sharing.ShareRow.Target;
import ulnaawl.server.tables.tables.records.ShareLinkRecord;

/** Share links in the database. */
@Repository
@RequiredArgsConstructor
class ShareStore {

  private final DSLContext database;

  private static Condition good(LocalDateTime now) {
    return SHARE_LINK.GOOD_UNTIL.gt(now).and(SHARE_LINK.REVOKED_AT.isNull());
  }

  /** Those that are good, the newest first. */
  List<ShareRow> good(LocalDateTime now, int most) {
    return database
        .selectFrom(SHARE_LINK)
        .where(good(now))
        .orderBy(SHARE_LINK.ID.desc())
        .limit(most)
        .fetch(ShareStore::row);
  }

  Optional<ShareRow> find(String digest, LocalDateTime now) {
    return database
        .selectFrom(SHARE_LINK)
        .where(SHARE_LINK.WORD_DIGEST.eq(digest).and(good(now)))
        .fetchOptional(ShareStore::row);
  }

  Optional<ShareRow> find(long id, LocalDateTime now) {
    return database
        .selectFrom(SHARE_LINK)
        .where(SHARE_LINK.ID.eq(id).and(good(now)))
        .fetchOptional(ShareStore::row);
  }

  long add(String digest, ShareRow made) {
    Target target = made.target();
    return database
        .insertInto(SHARE_LINK)
        .set(SHARE_LINK.WORD_DIGEST, digest)
        .set(SHARE_LINK.KIND, target.kind().name())
        .set(SHARE_LINK.DANCE_ID, target.dance().orElse(null))
        .set(SHARE_LINK.GROUP_ID, target.group().orElse(null))
        .set(SHARE_LINK.CLASS_ID, target.classId().orElse(null))
        .set(SHARE_LINK.MINUTES, target.minutes().orElse(null))
        .set(SHARE_LINK.SINCE, target.since().orElse(null))
        .set(SHARE_LINK.LABEL, made.label())
        .set(SHARE_LINK.MADE_BY, made.by())
        .set(SHARE_LINK.MADE_AT, made.at())
        .set(SHARE_LINK.GOOD_UNTIL, made.goodUntil())
        .returningResult(SHARE_LINK.ID)
        .fetchSingle()
        .value1();
  }

  void used(long id, LocalDateTime at) {
    database.update(SHARE_LINK).set(SHARE_LINK.LAST_USED, at).where(SHARE_LINK.ID.eq(id)).execute();
  }

  void revoke(long id, LocalDateTime at) {
    database
        .update(SHARE_LINK)
        .set(SHARE_LINK.REVOKED_AT, at)
        .where(SHARE_LINK.ID.eq(id))
        .execute();
  }

  private static ShareRow row(ShareLinkRecord row) {
    return new ShareRow(
        row.getId(),
        new Target(
            ShareKind.valueOf(row.getKind()),
            Optional.ofNullable(row.getDanceId()),
            Optional.ofNullable(row.getGroupId()),
            Optional.ofNullable(row.getClassId()),
            Optional.ofNullable(row.getMinutes()),
            Optional.ofNullable(row.getSince())),
        row.getLabel(),
        row.getMadeBy(),
        row.getMadeAt(),
        row.getGoodUntil(),
        Optional.ofNullable(row.getLastUsed()));
  }
}
