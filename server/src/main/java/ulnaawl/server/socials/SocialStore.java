package ulnaawl.server.socials;

import static ulnaawl.server.tables.Tables.SOCIAL;
import static ulnaawl.server.tables.Tables.SOCIAL_GUEST;
import static ulnaawl.server.tables.Tables.SOCIAL_PAUSE;
import static ulnaawl.server.tables.Tables.SOCIAL_SONG;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lombok.RequiredArgsConstructor;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.server.platform.ReadsAll;
import ulnaawl.server.platform.RowsStore;
import ulnaawl.server.platform.VersionedStore;
import ulnaawl.server.socials.SocialRow.Between;
import ulnaawl.server.socials.SocialRow.Guest;
import ulnaawl.server.socials.SocialRow.SongLine;
import ulnaawl.server.tables.tables.records.SocialGuestRecord;
import ulnaawl.server.tables.tables.records.SocialPauseRecord;
import ulnaawl.server.tables.tables.records.SocialRecord;
import ulnaawl.server.tables.tables.records.SocialSongRecord;
import ulnaawl.social.Pause;
import ulnaawl.social.Played;

/** Socials in the database. */
@Repository
@RequiredArgsConstructor
class SocialStore implements ReadsAll {

  private static final VersionedStore<SocialRecord> ROWS =
      new VersionedStore<>(SOCIAL.ID, SOCIAL.VERSION, SOCIAL.ACTIVE);

  private final DSLContext database;

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
    long id = ROWS.add(database, values(row));
    rewriteParts(id, row);
    return id;
  }

  /** Whether the social still had its version, and so was changed. */
  boolean change(SocialRow row) {
    boolean changed = ROWS.changeInSight(database, row.id(), row.version(), values(row));
    if (changed) {
      rewriteParts(row.id(), row);
    }
    return changed;
  }

  private static SocialRecord values(SocialRow row) {
    SocialRecord values = new SocialRecord();
    values.setName(row.name());
    values.setHeldOn(row.date());
    values.setStartsAt(row.startsAt());
    values.setMinutes(row.minutes());
    values.setLongestWait(row.longestWait());
    values.setOnlyListed(row.onlyListed());
    return values;
  }

  /** Whether it still had its version and was not in the record yet. */
  boolean recorded(long id, int version, LocalDateTime at) {
    SocialRecord values = new SocialRecord();
    values.setRecordedAt(at);
    Condition open =
        ROWS.at(id, version).and(SOCIAL.ACTIVE.isTrue()).and(SOCIAL.RECORDED_AT.isNull());
    return ROWS.change(database, open, version, values);
  }

  private void rewriteParts(long id, SocialRow row) {
    RowsStore.rewrite(
        database,
        SOCIAL_GUEST.SOCIAL_ID,
        id,
        row.guests().stream()
            .map(it -> new SocialGuestRecord(id, it.group(), it.heads()))
            .toList());
    List<SocialPauseRecord> pauses = new ArrayList<>();
    for (Between it : row.between()) {
      pauses.add(new SocialPauseRecord(id, pauses.size(), it.kind().name(), it.at(), it.minutes()));
    }
    RowsStore.rewrite(database, SOCIAL_PAUSE.SOCIAL_ID, id, pauses);
    List<SocialSongRecord> songs = new ArrayList<>();
    for (SongLine it : row.songs()) {
      SocialSongRecord song = new SocialSongRecord();
      song.setSocialId(id);
      song.setPlace(songs.size());
      song.setHow(it.how().name());
      song.setDanceId(it.dance());
      song.set(SOCIAL_SONG.OTHER_ID, it.other().orElse(null));
      song.setStays(it.stays());
      it.begun().ifPresent(song::setBegun);
      songs.add(song);
    }
    RowsStore.rewrite(database, SOCIAL_SONG.SOCIAL_ID, id, songs);
  }

  boolean archive(long id, int version) {
    return ROWS.archive(database, id, version);
  }

  @Override
  public void readAll() {
    all();
  }
}
