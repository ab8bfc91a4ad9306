package ulnaawl.server.calendar;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.platform.KeepAnswer;

/** Closed days, themes, and the tags of dances. */
@RestController
@RequestMapping("/api")
@RequiredArgsConstructor
class CalendarController {

  private final ClosedDays closed;
  private final Themes themes;

  /** Days without a class; without a group they hold for all. */
  record ClosedView(
      long id, @Nullable Long group, LocalDate from, LocalDate to, String note, PersonId by) {}

  /** Weeks with a theme. */
  record ThemeView(
      long id, String name, LocalDate from, LocalDate to, List<String> tags, PersonId by) {}

  /** What lies over the weeks. */
  record CalendarView(List<ClosedView> closed, List<ThemeView> themes) {}

  /** Days to close. */
  record ClosedForm(
      @Nullable Long group,
      @NotNull LocalDate from,
      @NotNull LocalDate to,
      @NotNull @Size(max = 120) String note) {}

  /** A theme to put up. */
  record ThemeForm(
      @NotBlank @Size(max = 80) String name,
      @NotNull LocalDate from,
      @NotNull LocalDate to,
      @NotNull @Size(max = 12) List<@NotNull @Size(max = 40) String> tags) {}

  /** The tags of a dance. */
  record TagsForm(@NotNull @Size(max = 12) List<@NotNull @Size(max = 40) String> tags) {}

  @GetMapping("/calendar")
  @KeepAnswer
  CalendarView calendar() {
    return new CalendarView(
        closed.now().all().stream()
            .map(it ->
                new ClosedView(
                    it.id(), it.group().orElse(null), it.from(), it.to(), it.note(), it.by()))
            .toList(),
        themes.rows().stream()
            .map(it ->
                new ThemeView(
                    it.id(),
                    it.theme().name(),
                    it.theme().from(),
                    it.theme().to(),
                    List.copyOf(new TreeSet<>(it.theme().tags())),
                    it.by()))
            .toList());
  }

  @PostMapping("/calendar/closed")
  CalendarView close(@Valid @RequestBody ClosedForm form, @AuthenticationPrincipal SignedIn me) {
    closed.close(Optional.ofNullable(form.group()), form.from(), form.to(), form.note(), me);
    return calendar();
  }

  @DeleteMapping("/calendar/closed/{id}")
  CalendarView open(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
    closed.open(id, me);
    return calendar();
  }

  @PostMapping("/calendar/themes")
  CalendarView theme(@Valid @RequestBody ThemeForm form, @AuthenticationPrincipal SignedIn me) {
    themes.add(form.name(), form.from(), form.to(), form.tags(), me);
    return calendar();
  }

  @DeleteMapping("/calendar/themes/{id}")
  CalendarView removeTheme(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
    themes.remove(id, me);
    return calendar();
  }

  @GetMapping("/dances/{id}/tags")
  @KeepAnswer
  Set<String> tags(@PathVariable long id) {
    return themes.tags().getOrDefault(id, Set.of());
  }

  @PutMapping("/dances/{id}/tags")
  Set<String> tag(
      @PathVariable long id,
      @Valid @RequestBody TagsForm form,
      @AuthenticationPrincipal SignedIn me) {
    themes.tag(id, form.tags(), me);
    return tags(id);
  }
}
