package ulnaawl.server.proposals;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
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
import ulnaawl.server.history.Thing;
import ulnaawl.server.proposals.ProposalRow.State;

/** Proposed changes. */
@RestController
@RequestMapping("/api/proposals")
@RequiredArgsConstructor
class ProposalController {

  private static final int LONGEST = 70_000;

  private final Proposals proposals;

  /**
   * A change to propose.
   *
   * @param base the thing as it was in that version
   * @param content as it is to be
   */
  record ProposalForm(
      @NotNull Thing thing,
      long id,
      int version,
      @NotNull @Size(max = LONGEST) String base,
      @NotNull @Size(max = LONGEST) String content,
      @NotNull @Size(max = 300) String note) {}

  /**
   * The version that was seen, and what the thing is to become; nothing where it was done by hand.
   */
  record TakeForm(int version, @Nullable @Size(max = LONGEST) String content) {}

  /** Why not. */
  record DeclineForm(@NotNull @Size(max = 300) String answer) {}

  /**
   * A proposal; moments in universal time.
   *
   * @param decides whether whoever asks may decide on it
   */
  record ProposedView(
      long id,
      Thing thing,
      long thingId,
      int version,
      String base,
      String content,
      String title,
      String note,
      PersonId by,
      LocalDateTime at,
      State state,
      String answer,
      @Nullable PersonId decidedBy,
      @Nullable LocalDateTime decidedAt,
      boolean decides) {}

  private ProposedView view(ProposalRow row, SignedIn me) {
    return new ProposedView(
        row.id(),
        row.thing(),
        row.thingId(),
        row.version(),
        row.base(),
        row.content(),
        row.title(),
        row.note(),
        row.by(),
        row.at(),
        row.state(),
        row.answer(),
        row.decidedBy().orElse(null),
        row.decidedAt().orElse(null),
        proposals.mayDecide(row, me));
  }

  /** What waits, and what was decided lately. */
  record ProposalList(List<ProposedView> open, List<ProposedView> decided) {}

  @GetMapping
  ProposalList all(@AuthenticationPrincipal SignedIn me) {
    return new ProposalList(
        proposals.openFor(me).stream().map(it -> view(it, me)).toList(),
        proposals.decidedFor(me).stream().map(it -> view(it, me)).toList());
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  ProposedView propose(
      @Valid @RequestBody ProposalForm form, @AuthenticationPrincipal SignedIn me) {
    return view(
        proposals.propose(
            form.thing(), form.id(), form.version(), form.base(), form.content(), form.note(), me),
        me);
  }

  @PostMapping("/{id}/take")
  ProposedView take(
      @PathVariable long id,
      @Valid @RequestBody TakeForm form,
      @AuthenticationPrincipal SignedIn me) {
    return view(proposals.take(id, form.version(), Optional.ofNullable(form.content()), me), me);
  }

  @PostMapping("/{id}/decline")
  ProposedView decline(
      @PathVariable long id,
      @Valid @RequestBody DeclineForm form,
      @AuthenticationPrincipal SignedIn me) {
    return view(proposals.decline(id, form.answer(), me), me);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void withdraw(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
    proposals.withdraw(id, me);
  }
}
