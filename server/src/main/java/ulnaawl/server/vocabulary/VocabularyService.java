package ulnaawl.server.vocabulary;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.FigureBookException;
import ulnaawl.level.LevelTable;
import ulnaawl.people.PeopleNames;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.ClubReplaced;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** The club's words and its own figures, checked before they are kept. */
@Service
@RequiredArgsConstructor
public class VocabularyService {

  /** Characters in a text of the club's. */
  static final int MOST = 20_000;

  private final VocabularyStore store;
  private final PeopleNames names;
  private final ApplicationEventPublisher events;
  private final Today today;
  private final AtomicReference<@Nullable Vocabulary> now = new AtomicReference<>();
  private final AtomicLong changes = new AtomicLong();

  /** The vocabulary as it stands; the same object until something changes. */
  public Vocabulary now() {
    Vocabulary known = now.get();
    if (known != null) {
      return known;
    }
    long before = changes.get();
    Vocabulary read =
        new Vocabulary(
            before,
            bookWith(store.text(ClubText.Kind.OWN_FIGURES).content()),
            LevelTable.standard().with(store.text(ClubText.Kind.LEVEL_TABLE).content()));
    if (before == changes.get()) {
      now.compareAndSet(null, read); // a change in the meantime would make this one stale
    }
    return read;
  }

  List<ClubWord> words() {
    return store.words();
  }

  ClubText text(ClubText.Kind kind) {
    return store.text(kind);
  }

  /**
   * Settles on one of a figure's names.
   *
   * @param before the one that was said until now, as far as whoever chooses has seen
   */
  @Transactional
  void choose(String name, String word, String before, SignedIn me) {
    Figure figure =
        now()
            .book()
            .find(name)
            .orElseThrow(() -> Problem.gone("The figure book has no figure '" + name + "'."));
    if (!figure.names().contains(word)) {
      throw Problem.rejected(
          "'"
              + word
              + "' is not a name of this figure; it has "
              + String.join(", ", figure.names())
              + ".");
    }
    Optional<ClubWord> chosen = store.hold(figure.name());
    if (chosen.isPresent() && !chosen.get().word().equals(before)) {
      ClubWord theirs = chosen.get();
      throw Problem.conflict(
          theirs.chosenBy() + " has chosen '" + theirs.word() + "' in the meantime; look again.");
    }
    store.choose(figure.name(), word, me.person(), today.moment());
    events.publishEvent(
        Change.of(Thing.VOCABULARY, 0, Action.CHANGED, me.person(), figure.name() + ": " + word));
    forgetAfterCommit();
  }

  /** Changes the club's own figures or levels; what cannot be read is refused with its line. */
  @Transactional
  void change(ClubText.Kind kind, int version, String content, SignedIn me) {
    if (content.length() > MOST) {
      throw Problem.rejected("This text may have up to " + MOST + " characters.");
    }
    try {
      switch (kind) {
        case OWN_FIGURES -> FigureBook.standard().with(content);
        case LEVEL_TABLE -> LevelTable.standard().with(content);
      }
    } catch (FigureBookException | IllegalArgumentException refused) {
      throw Problem.rejected(String.valueOf(refused.getMessage()));
    }
    if (!store.change(kind, version, content, me.person(), today.moment())) {
      throw Problem.conflict(
          store.text(kind).updatedBy().map(names::of).orElse("Somebody")
              + " has changed this in the meantime. Your text is still here: copy it, load the page"
              + " again and put both together.");
    }
    events.publishEvent(
        Change.next(
                Thing.VOCABULARY,
                kind.ordinal() + 1,
                Action.CHANGED,
                me.person(),
                version,
                kind.name())
            .with(content));
    forgetAfterCommit();
  }

  private FigureBook bookWith(String ownFigures) {
    Map<String, String> words =
        store.words().stream().collect(Collectors.toMap(ClubWord::figure, ClubWord::word));
    return FigureBook.standard().with(ownFigures).calling(words);
  }

  @EventListener
  void clubReplaced(ClubReplaced ignored) {
    forgetAfterCommit();
  }

  private void forgetAfterCommit() {
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            changes.incrementAndGet();
            now.set(null);
          }
        });
  }
}
