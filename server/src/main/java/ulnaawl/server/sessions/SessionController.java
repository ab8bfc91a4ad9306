package ulnaawl.server.sessions;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.server.access.Leading;
import ulnaawl.server.access.Role;
import ulnaawl.server.access.SessionCookies;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Audit;
import ulnaawl.server.people.Invitations;
import ulnaawl.server.people.PasswordRules;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.platform.UlnaSettings;

/** Signing in and out, joining, the first owner, and new passwords. */
@RestController
@RequestMapping("/api")
@RequiredArgsConstructor
class SessionController {

  private final SignIn door;
  private final PeopleService people;
  private final Sessions sessions;
  private final SessionCookies cookies;
  private final KnownPeople now;
  private final Leading leading;
  private final Audit audit;
  private final UlnaSettings settings;

  /** A name and a password. */
  record Credentials(
      @NotBlank @Size(max = 60) String name,
      @NotBlank @Size(min = PasswordRules.LEAST, max = PasswordRules.MOST) String password) {}

  /** The first owner, and the code that stands where the server was started. */
  record FirstOwner(
      @NotBlank @Size(max = 60) String name,
      @NotBlank @Size(min = PasswordRules.LEAST, max = PasswordRules.MOST) String password,
      @NotNull @Size(max = 40) String code) {}

  /** A new password, and the word of the link that allows it. */
  record NewPassword(
      @NotBlank @Size(max = 64) String word,
      @NotBlank @Size(min = PasswordRules.LEAST, max = PasswordRules.MOST) String password) {}

  /** Another password for oneself. */
  record PasswordChange(
      @NotBlank @Size(max = PasswordRules.MOST) String old,
      @NotBlank @Size(min = PasswordRules.LEAST, max = PasswordRules.MOST) String password) {}

  /**
   * Who is signed in; number, name and role are missing for nobody.
   *
   * @param club which club it is, for what a device keeps of it
   * @param leads the groups of which they lead classes
   * @param invented whether this is the invented club, for looking around
   */
  record Session(
      @Nullable Long id,
      @Nullable String name,
      @Nullable Role role,
      @Nullable String club,
      Set<Long> leads,
      boolean needsSetup,
      boolean invented) {}

  @GetMapping("/session")
  Session session(@AuthenticationPrincipal @Nullable SignedIn me) {
    return me == null
        ? new Session(null, null, null, null, Set.of(), people.needsSetup(), settings.demo())
        : known(me);
  }

  private Session known(SignedIn me) {
    return new Session(
        me.id(),
        me.name(),
        me.role(),
        people.club(),
        new TreeSet<>(leading.groupsOf(me.person())),
        false,
        settings.demo());
  }

  @PostMapping("/session")
  Session signIn(
      @Valid @RequestBody Credentials credentials,
      HttpServletRequest request,
      HttpServletResponse response) {
    return begin(
        door.withPassword(
            credentials.name(),
            credentials.password(),
            request.getRemoteAddr(),
            cookies.device(request)),
        request,
        response);
  }

  @PostMapping("/setup")
  @ResponseStatus(HttpStatus.CREATED)
  Session setUp(
      @Valid @RequestBody FirstOwner first,
      HttpServletRequest request,
      HttpServletResponse response) {
    return begin(door.asFirst(first.name(), first.password(), first.code()), request, response);
  }

  @PostMapping("/password")
  Session choosePassword(
      @Valid @RequestBody NewPassword chosen,
      HttpServletRequest request,
      HttpServletResponse response) {
    return begin(
        door.withLink(chosen.word(), chosen.password(), request.getRemoteAddr()),
        request,
        response);
  }

  /** The word of an invitation. */
  record InvitationWord(@NotBlank @Size(max = 64) String word) {}

  /** Somebody who was invited. */
  record Joining(
      @NotBlank @Size(max = 64) String word,
      @NotBlank @Size(max = 60) String name,
      @NotBlank @Size(min = PasswordRules.LEAST, max = PasswordRules.MOST) String password) {}

  /** Who invites whom to what. */
  @PostMapping("/join/look")
  Invitations.Welcome welcome(
      @Valid @RequestBody InvitationWord invitation, HttpServletRequest request) {
    return door.welcome(invitation.word(), request.getRemoteAddr());
  }

  /** Joins the club with an invitation, and is signed in. */
  @PostMapping("/join")
  @ResponseStatus(HttpStatus.CREATED)
  Session join(
      @Valid @RequestBody Joining joining,
      HttpServletRequest request,
      HttpServletResponse response) {
    return begin(
        door.withInvitation(
            joining.word(), joining.name(), joining.password(), request.getRemoteAddr()),
        request,
        response);
  }

  @PutMapping("/session/password")
  Session changePassword(
      @Valid @RequestBody PasswordChange change,
      @AuthenticationPrincipal SignedIn me,
      HttpServletRequest request,
      HttpServletResponse response) {
    return begin(
        door.changePassword(me, change.old(), change.password(), request.getRemoteAddr()),
        request,
        response);
  }

  @DeleteMapping("/session")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(HttpServletRequest request, HttpServletResponse response) {
    cookies.end(request, response);
  }

  private Session begin(
      SignIn.Entered entered, HttpServletRequest request, HttpServletResponse response) {
    SignedIn me = entered.who();
    HttpSession session = cookies.begin(me, entered.device(), request, response);
    String agent = Optional.ofNullable(request.getHeader(HttpHeaders.USER_AGENT)).orElse("");
    String device = DeviceName.of(agent);
    sessions.begin(session, me, device);
    audit.signedIn(me.person(), device);
    now.seen(me.id());
    return known(me);
  }
}
