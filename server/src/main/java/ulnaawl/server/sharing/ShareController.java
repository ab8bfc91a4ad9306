package ulnaawl.server.sharing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
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
import ulnaawl.server.sharing.ShareRow.Target;

/** Links for people without an account, as who makes them sees them. */
@RestController
@RequestMapping("/api/shares")
@RequiredArgsConstructor
class ShareController {

  private static final int LONGEST_DAYS = 366;

  private final Shares shares;
  private final SharedThings things;

  /**
   * A link to make.
   *
   * @param days for how long it is good
   */
  record ShareForm(
      @NotNull ShareKind kind,
      @Nullable Long dance,
      @Nullable Long group,
      @Nullable Long classId,
      @Nullable Integer minutes,
      @Nullable LocalDate since,
      @Min(1) @Max(LONGEST_DAYS) int days) {

    Target target() {
      return new Target(
              kind,
              Optional.ofNullable(dance),
              Optional.ofNullable(group),
              Optional.ofNullable(classId),
              Optional.ofNullable(minutes),
              Optional.ofNullable(since))
          .only();
    }
  }

  /** The end of the link's address. */
  record ShareLink(String word, String label) {}

  /** A link that is good; moments in universal time, the last use to the hour. */
  record ShareView(
      long id,
      ShareKind kind,
      String label,
      PersonId by,
      LocalDateTime at,
      LocalDateTime goodUntil,
      @Nullable LocalDateTime lastUsed) {}

  @GetMapping
  List<ShareView> all(@AuthenticationPrincipal SignedIn me) {
    return shares.seenBy(me).stream()
        .map(it ->
            new ShareView(
                it.id(),
                it.target().kind(),
                it.label(),
                it.by(),
                it.at(),
                it.goodUntil(),
                it.lastUsed().orElse(null)))
        .toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  ShareLink make(@Valid @RequestBody ShareForm form, @AuthenticationPrincipal SignedIn me) {
    String label = things.label(form.target());
    return new ShareLink(shares.make(form.target(), label, form.days(), me), label);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void revoke(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
    shares.revoke(id, me);
  }
}
