package ulnaawl.server.feeds;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.formats.calendar.ClassCalendar;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.platform.Today;

/**
 * Calendars for other programs. These send no headers of ours: the word stands in the address,
 * which is why it opens nothing but the calendar, and can be taken back.
 */
@RestController
@RequestMapping("/api/calendars")
@RequiredArgsConstructor
class CalendarLinkController {

  private final CalendarLinks links;
  private final ClassDates dates;
  private final Today today;

  /** Whose classes; a group where it is a group's. */
  record CalendarForm(@NotNull CalendarKind kind, @Nullable Long group) {}

  /** The secret in the address of a calendar. */
  record CalendarWord(String word) {}

  /** A calendar of one's own; moments in universal time, the last use to the hour. */
  record FeedView(
      long id,
      CalendarKind kind,
      String name,
      LocalDateTime at,
      @Nullable LocalDateTime lastUsed) {}

  @GetMapping
  List<FeedView> mine(@AuthenticationPrincipal SignedIn me) {
    return links.of(me).stream()
        .map(it ->
            new FeedView(it.id(), it.kind(), dates.name(it), it.at(), it.lastUsed().orElse(null)))
        .toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  CalendarWord make(@Valid @RequestBody CalendarForm form, @AuthenticationPrincipal SignedIn me) {
    return new CalendarWord(links.make(form.kind(), Optional.ofNullable(form.group()), me));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBack(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
    links.takeBack(id, me);
  }

  @GetMapping(value = "/{word}/classes.ics", produces = "text/calendar;charset=UTF-8")
  ResponseEntity<String> read(@PathVariable String word) {
    CalendarLink link = links.use(word);
    String text =
        ClassCalendar.write(
            dates.name(link), today.moment().toInstant(ZoneOffset.UTC), dates.of(link));
    return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(text);
  }
}
