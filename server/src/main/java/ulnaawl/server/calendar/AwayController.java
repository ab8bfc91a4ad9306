package ulnaawl.server.calendar;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.people.PeopleService;

/** Days on which people cannot lead. */
@RestController
@RequestMapping("/api/away")
@RequiredArgsConstructor
class AwayController {

  private final Away away;
  private final PeopleService people;

  /** Days on which one cannot lead. */
  record AwayForm(
      @NotNull LocalDate from, @NotNull LocalDate to, @NotNull @Size(max = 120) String note) {}

  /** Days on which somebody cannot lead; {@code mine} can be removed. */
  record AwayView(
      long id, PersonId person, LocalDate from, LocalDate to, String note, boolean mine) {}

  @GetMapping
  List<AwayView> coming(@AuthenticationPrincipal SignedIn me) {
    return away.coming().stream()
        .flatMap(row ->
            people
                .find(row.person())
                .map(it ->
                    new AwayView(
                        row.id(),
                        it.person(),
                        row.from(),
                        row.to(),
                        row.note(),
                        it.id() == me.id()))
                .stream())
        .toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void add(@Valid @RequestBody AwayForm form, @AuthenticationPrincipal SignedIn me) {
    away.add(form.from(), form.to(), form.note(), me);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
    away.remove(id, me);
  }
}
