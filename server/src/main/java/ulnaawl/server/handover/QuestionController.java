package ulnaawl.server.handover;

import java.time.Duration;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.classes.ClassService;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.platform.Today;

/** Questions to oneself, and answers to one's own. */
@RestController
@RequestMapping("/api/questions")
@RequiredArgsConstructor
class QuestionController {

  /** Answers are told of for so long. */
  private static final Duration FRESH = Duration.ofDays(14);

  private final Notes notes;
  private final GroupService groups;
  private final ClassService classes;
  private final Today today;

  /**
   * A question, and where it is answered.
   *
   * @param classId the group's coming class, on whose brief it stands
   */
  record QuestionView(
      long id,
      String groupName,
      @Nullable Long classId,
      String text,
      PersonId by,
      @Nullable String answer,
      @Nullable PersonId answeredBy) {}

  /** What one is asked, and what one was answered lately. */
  record QuestionList(List<QuestionView> asked, List<QuestionView> answered) {}

  @GetMapping
  QuestionList all(@AuthenticationPrincipal SignedIn me) {
    return new QuestionList(
        notes.openFor(me.person()).stream().map(this::view).toList(),
        notes.answeredSince(me.person(), today.moment().minus(FRESH)).stream()
            .map(this::view)
            .toList());
  }

  private QuestionView view(NoteRow row) {
    return new QuestionView(
        row.id(),
        groups.get(row.group()).name(),
        classes.nextOf(row.group()).orElse(null),
        row.text(),
        row.by(),
        row.answer().map(NoteRow.Answer::text).orElse(null),
        row.answer().map(NoteRow.Answer::by).orElse(null));
  }
}
