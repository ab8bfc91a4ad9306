package ulnaawl.server.sessions;

import jakarta.servlet.http.HttpSession;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.server.access.Ability;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.people.Person;
import ulnaawl.server.platform.Problem;

/** Where people are signed in: one's own sessions, for an owner everybody's. */
@RestController
@RequestMapping("/api/sessions")
@RequiredArgsConstructor
class SessionsController {

  private final Sessions sessions;
  private final PeopleService people;

  /** A browser on which somebody is signed in; moments in universal time. */
  record SessionView(
      String key,
      String name,
      String device,
      LocalDateTime since,
      LocalDateTime lastSeen,
      boolean here) {}

  @GetMapping
  List<SessionView> all(@AuthenticationPrincipal SignedIn me, HttpSession here) {
    return sessions.all().stream()
        .filter(it -> maySee(me, it))
        .flatMap(it -> people.find(it.person()).map(person -> view(it, person, here)).stream())
        .toList();
  }

  @DeleteMapping("/{key}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(@PathVariable String key, @AuthenticationPrincipal SignedIn me) {
    Optional<OpenSession> found = sessions.called(key).filter(it -> maySee(me, it));
    found.orElseThrow(() -> Problem.gone("This session has ended already.")).end();
  }

  /** Signs oneself out everywhere else. */
  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void endOthers(@AuthenticationPrincipal SignedIn me, HttpSession here) {
    sessions.all().stream()
        .filter(it -> it.person() == me.id() && !Sessions.isCalled(here, it.key()))
        .forEach(OpenSession::end);
  }

  private static boolean maySee(SignedIn me, OpenSession session) {
    return me.may(Ability.CLUB) || session.person() == me.id();
  }

  private static SessionView view(OpenSession open, Person person, HttpSession here) {
    return new SessionView(
        open.key(),
        person.name(),
        open.device(),
        LocalDateTime.ofInstant(open.since(), ZoneOffset.UTC),
        LocalDateTime.ofInstant(open.lastSeen(), ZoneOffset.UTC),
        Sessions.isCalled(here, open.key()));
  }
}
