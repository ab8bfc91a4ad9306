package ulnaawl.server.socials;

import static ulnaawl.server.tables.Tables.SOCIAL;
import static ulnaawl.server.tables.Tables.SOCIAL_GUEST;
import static ulnaawl.server.tables.Tables.SOCIAL_PAUSE;
import static ulnaawl.server.tables.Tables.SOCIAL_SONG;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.server.platform.ReadsAll;
import ulnaawl.server.platform.VersionedStore;
import ulnaawl.server.socials.SocialRow.Between;
import ulnaawl.server.socials.SocialRow.Guest;
import ulnaawl.server.socials.SocialRow.SongLine;
import ulnaawl.server.tables.tables.records.SocialRecord;
import ulnaawl.social.Pause;
import ulnaawl.social.Played;

/** Socials in the database. */
@Repository
class SocialStore implements ReadsAll {

  private static final VersionedStore<SocialRecord> ROWS =
      new VersionedStore<>(SOCIAL.ID, SOCIAL.VERSION, SOCIAL.ACTIVE);

  private final DSLContext database;

  SocialStore(DSLContext database) {
    this.database = database;
  }

  /** All socials, the latest first. */
  List<SocialRow> all() {
    return database
        .selectFrom(SOCIAL)
        .where(SOCIAL.ACTIVE.isTrue())
        .orderBy(SOCIAL.HELD_ON.desc(), SOCIAL.ID.desc())
        .fetch(this::row);
  }

  Optional<SocialRow> find(long id) {
    return database
        .selectFrom(SOCIAL)
        .where(SOCIAL.ID.eq(id).and(SOCIAL.ACTIVE.isTrue()))
        .fetchOptional(this::row);
  }

  private SocialRow row(SocialRecord row) {
    long id = row.getId();
    List<Guest> guests =
        database
            .selectFrom(SOCIAL_GUEST)
            .where(SOCIAL_GUEST.SOCIAL_ID.eq(id))
            .orderBy(SOCIAL_GUEST.GROUP_ID)
            .fetch(it -> new Guest(it.getGroupId(), it.getHeads()));
    List<Between> between =
        database
            .selectFrom(SOCIAL_PAUSE)
            .where(SOCIAL_PAUSE.SOCIAL_ID.eq(id))
            .orderBy(SOCIAL_PAUSE.PLACE)
            .fetch(it ->
                new Between(Pause.Kind.valueOf(it.getKind()), it.getAtMinute(), it.getMinutes()));
    List<SongLine> songs =
        database
            .selectFrom(SOCIAL_SONG)
            .where(SOCIAL_SONG.SOCIAL_ID.eq(id))
            .orderBy(SOCIAL_SONG.PLACE)
            .fetch(it ->
                new SongLine(
                    Played.How.valueOf(it.getHow()),
                    it.getDanceId(),
                    Optional.ofNullable(it.getOtherId()),
                    it.getStays(),
                    it.getBegun() == null ? OptionalInt.empty() : OptionalInt.of(it.getBegun())));
    return new SocialRow(
        id,
        row.getName(),
        row.getHeldOn(),
        row.getStartsAt(),
        row.getMinutes(),
        row.getLongestWait(),
        row.getOnlyListed(),
        row.getVersion(),
        row.getRecordedAt() != null,
        guests,
        between,
        songs);
  }

  long add(SocialRow row) {
    long id =
        database
            .insertInto(SOCIAL)
            .set(SOCIAL.NAME, row.name())
            .set(SOCIAL.HELD_ON, row.date())
            .set(SOCIAL.STARTS_AT, row.startsAt())
            .set(SOCIAL.MINUTES, row.minutes())
            .set(SOCIAL.LONGEST_WAIT, row.longestWait())
            .set(SOCIAL.ONLY_LISTED, row.onlyListed())
            .set(SOCIAL.VERSION, 1)
            .set(SOCIAL.ACTIVE, true)
            .returningResult(SOCIAL.ID)
            .fetchSingle()
            .value1();
    parts(id, row);
    return id;
  }

  /** Whether the social still had its version, and so was changed. */
  boolean change(SocialRow row) {
    boolean changed =
        database
                .update(SOCIAL)
                .set(SOCIAL.NAME, row.name())
                .set(SOCIAL.HELD_ON, row.date())
                .set(SOCIAL.STARTS_AT, row.startsAt())
                .set(SOCIAL.MINUTES, row.minutes())
                .set(SOCIAL.LONGEST_WAIT, row.longestWait())
                .set(SOCIAL.ONLY_LISTED, row.onlyListed())
                .set(SOCIAL.VERSION, row.version() + 1)
                .where(ROWS.at(row.id(), row.version()).and(SOCIAL.ACTIVE.isTrue()))
                .execute()
            == 1;
    if (changed) {
      long id = row.id();
      database.deleteFrom(SOCIAL_GUEST).where(SOCIAL_GUEST.SOCIAL_ID.eq(id)).execute();
      database.deleteFrom(SOCIAL_PAUSE).where(SOCIAL_PAUSE.SOCIAL_ID.eq(id)).execute();
      database.deleteFrom(SOCIAL_SONG).where(SOCIAL_SONG.SOCIAL_ID.eq(id)).execute();
      parts(id, row);
    }
    return changed;
  }

  /** Whether it still had its version and was not in the record yet. */
  boolean recorded(long id, int version, LocalDateTime at) {
    return database
            .update(SOCIAL)
            .set(SOCIAL.RECORDED_AT, at)
            .set(SOCIAL.VERSION, version + 1)
            .where(
                ROWS.at(id, version).and(SOCIAL.ACTIVE.isTrue()).and(SOCIAL.RECORDED_AT.isNull()))
            .execute()
        == 1;
  }

  private void parts(long id, SocialRow row) {
    for (Guest one : row.guests()) {
      database
          .insertInto(SOCIAL_GUEST)
          .set(SOCIAL_GUEST.SOCIAL_ID, id)
          .set(SOCIAL_GUEST.GROUP_ID, one.group())
          .set(SOCIAL_GUEST.HEADS, one.heads())
          .execute();
    }
    for (int place = 0; place < row.between().size(); place++) {
      Between one = row.between().get(place);
      database
          .insertInto(SOCIAL_PAUSE)
          .set(SOCIAL_PAUSE.SOCIAL_ID, id)
          .set(SOCIAL_PAUSE.PLACE, place)
          .set(SOCIAL_PAUSE.KIND, one.kind().name())
          .set(SOCIAL_PAUSE.AT_MINUTE, one.at())
          .set(SOCIAL_PAUSE.MINUTES, one.minutes())
          .execute();
    }
    for (int place = 0; place < row.songs().size(); place++) {
      SongLine one = row.songs().get(place);
      database
          .insertInto(SOCIAL_SONG)
          .set(SOCIAL_SONG.SOCIAL_ID, id)
          .set(SOCIAL_SONG.PLACE, place)
          .set(SOCIAL_SONG.HOW, one.how().name())
          .set(SOCIAL_SONG.DANCE_ID, one.dance())
          .set(SOCIAL_SONG.OTHER_ID, one.other().orElse(null))
          .set(SOCIAL_SONG.STAYS, one.stays())
          .set(SOCIAL_SONG.BEGUN, one.begun().isPresent() ? one.begun().getAsInt() : null)
          .execute();
    }
  }

  boolean archive(long id, int version) {
    return ROWS.archive(database, id, version);
  }

  @Override
  public void readAll() {
    all();
  }
}
