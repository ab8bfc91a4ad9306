package ulnaawl.server.vocabulary;

import static ulnaawl.server.tables.Tables.CLUB_TEXT;
import static ulnaawl.server.tables.Tables.CLUB_WORD;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.people.PersonId;
import ulnaawl.server.platform.ReadsAll;

/** Words and texts in the database. */
@Repository
@RequiredArgsConstructor
class VocabularyStore implements ReadsAll {

  private final DSLContext database;

  List<ClubWord> words() {
    return database
        .selectFrom(CLUB_WORD)
        .orderBy(CLUB_WORD.FIGURE)
        .fetch(row -> new ClubWord(row.getFigure(), row.getWord(), row.getChosenBy()));
  }

  /** The word that was chosen for a figure; nobody else changes it until the transaction ends. */
  Optional<ClubWord> hold(String figure) {
    return database
        .selectFrom(CLUB_WORD)
        .where(CLUB_WORD.FIGURE.eq(figure))
        .forUpdate()
        .fetchOptional(row -> new ClubWord(row.getFigure(), row.getWord(), row.getChosenBy()));
  }

  void choose(String figure, String word, PersonId by, LocalDateTime at) {
    int changed =
        database
            .update(CLUB_WORD)
            .set(CLUB_WORD.WORD, word)
            .set(CLUB_WORD.CHOSEN_BY, by)
            .set(CLUB_WORD.CHOSEN_AT, at)
            .where(CLUB_WORD.FIGURE.eq(figure))
            .execute();
    if (changed == 0) {
      database
          .insertInto(CLUB_WORD)
          .set(CLUB_WORD.FIGURE, figure)
          .set(CLUB_WORD.WORD, word)
          .set(CLUB_WORD.CHOSEN_BY, by)
          .set(CLUB_WORD.CHOSEN_AT, at)
          .execute();
    }
  }

  ClubText text(ClubText.Kind kind) {
    return database
        .selectFrom(CLUB_TEXT)
        .where(CLUB_TEXT.KIND.eq(kind.name()))
        .fetchOptional(row ->
            new ClubText(row.getContent(), row.getVersion(), Optional.of(row.getUpdatedBy())))
        .orElse(ClubText.NONE);
  }

  /** Whether the text still had that version, and so was changed. */
  boolean change(ClubText.Kind kind, int version, String content, PersonId by, LocalDateTime at) {
    if (version == 0) {
      return database
              .insertInto(CLUB_TEXT)
              .set(CLUB_TEXT.KIND, kind.name())
              .set(CLUB_TEXT.CONTENT, content)
              .set(CLUB_TEXT.VERSION, 1)
              .set(CLUB_TEXT.UPDATED_BY, by)
              .set(CLUB_TEXT.UPDATED_AT, at)
              .onDuplicateKeyIgnore()
              .execute()
          == 1;
    }
    return database
            .update(CLUB_TEXT)
            .set(CLUB_TEXT.CONTENT, content)
            .set(CLUB_TEXT.VERSION, version + 1)
            .set(CLUB_TEXT.UPDATED_BY, by)
            .set(CLUB_TEXT.UPDATED_AT, at)
            .where(CLUB_TEXT.KIND.eq(kind.name()).and(CLUB_TEXT.VERSION.eq(version)))
            .execute()
        == 1;
  }

  @Override
  public void readAll() {
    words();
    for (ClubText.Kind kind : ClubText.Kind.values()) {
      text(kind);
    }
  }
}
