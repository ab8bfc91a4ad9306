package ulnaawl.server.calendar;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.plan.Theme;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** Weeks with a theme, and the tags by which dances belong to one. */
@Service
@RequiredArgsConstructor
public class Themes {

  private static final int MOST = 200;
  private static final int MOST_TAGS = 12;
  private static final int LONGEST_TAG = 40;
  private static final int LONGEST = 400;

  private final ThemeStore store;
  private final DanceService dances;
  private final ApplicationEventPublisher events;
  private final Today today;

  List<ThemeStore.Row> rows() {
    return store.all();
  }

  /** All themes, the first ones first. */
  public List<Theme> all() {
    return store.all().stream().map(ThemeStore.Row::theme).toList();
  }

  /** The tags of every dance that has some, by its number. */
  public Map<Long, Set<String>> tags() {
    return store.tags();
  }

  @Transactional
  public void add(String name, LocalDate from, LocalDate to, List<String> words, SignedIn me) {
    if (to.isBefore(from) || ChronoUnit.DAYS.between(from, to) >= LONGEST) {
      throw Problem.rejected(
          "A theme goes from one day to a later one, " + LONGEST + " days at most.");
    }
    Set<String> tags = checked(words);
    if (tags.isEmpty()) {
      throw Problem.rejected(
          "A theme needs a tag by which dances belong to it: a style, a figure, or a tag of yours.");
    }
    if (store.all().size() >= MOST) {
      throw Problem.rejected("Up to " + MOST + " themes are kept; remove some that are over.");
    }
    long id = store.add(new Theme(name.strip(), from, to, tags), me.person());
    events.publishEvent(
        Change.of(Thing.CALENDAR, id, Action.ADDED, me.person(), "theme " + name.strip()));
  }

  private static Set<String> checked(List<String> words) {
    Set<String> tags = Theme.clean(words);
    if (tags.size() > MOST_TAGS || tags.stream().anyMatch(it -> it.length() > LONGEST_TAG)) {
      throw Problem.rejected(
          "Up to " + MOST_TAGS + " tags of up to " + LONGEST_TAG + " characters are kept.");
    }
    return tags;
  }

  @Transactional
  void remove(long id, SignedIn me) {
    String name =
        store.all().stream()
            .filter(it -> it.id() == id)
            .map(it -> it.theme().name())
            .findFirst()
            .orElseThrow(() -> Problem.gone("This theme is not here any more."));
    if (!store.remove(id, me.person(), today.moment())) {
      throw Problem.gone("This theme is not here any more.");
    }
    events.publishEvent(
        Change.of(Thing.CALENDAR, id, Action.ARCHIVED, me.person(), "theme " + name));
  }

  /** Gives a dance its tags, in place of those it had. */
  @Transactional
  public void tag(long dance, List<String> words, SignedIn me) {
    String title = dances.get(dance).title();
    store.tag(dance, checked(words));
    events.publishEvent(
        Change.of(Thing.CALENDAR, dance, Action.CHANGED, me.person(), "tags of " + title));
  }
}
