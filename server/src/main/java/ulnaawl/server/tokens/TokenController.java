package ulnaawl.server.tokens;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
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
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.access.TokenScope;

/** Tokens for programs of one's own. */
@RestController
@RequestMapping("/api/tokens")
@RequiredArgsConstructor
class TokenController {

  private static final int MOST_DAYS = 366;

  private final Tokens tokens;

  /**
   * A token to make.
   *
   * @param days after which it ends
   */
  record TokenForm(
      @NotBlank @Size(max = 60) String label,
      @NotNull TokenScope scope,
      @Min(1) @Max(MOST_DAYS) int days) {}

  /** The secret that a program sends; it is said once. */
  record TokenWord(String word) {}

  /** A token of one's own; moments in universal time, the last use to the hour. */
  record TokenView(
      long id,
      String label,
      TokenScope scope,
      LocalDateTime at,
      LocalDateTime until,
      @Nullable LocalDateTime lastUsed) {}

  @GetMapping
  List<TokenView> mine(@AuthenticationPrincipal SignedIn me) {
    return tokens.of(me).stream()
        .map(it ->
            new TokenView(
                it.id(), it.label(), it.scope(), it.at(), it.until(), it.lastUsed().orElse(null)))
        .toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  TokenWord make(@Valid @RequestBody TokenForm form, @AuthenticationPrincipal SignedIn me) {
    return new TokenWord(tokens.make(form.label(), form.scope(), form.days(), me));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBack(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
    tokens.takeBack(id, me);
  }
}
