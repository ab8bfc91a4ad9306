package ulnaawl.server.handover;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
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
import ulnaawl.dance.SectionSet;
import ulnaawl.handover.Brief;
import ulnaawl.handover.DanceBrief;
import ulnaawl.handover.PastClass;
import ulnaawl.learning.Stage;
import ulnaawl.people.PersonId;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.server.access.Ability;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.classes.ClassRow;
import ulnaawl.server.classes.ClassService;
import ulnaawl.server.classes.LineRow;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.platform.Today;
import ulnaawl.words.Speech;

/** The brief of a class for whoever asks, with the notes and questions of its group. */
@RestController
@RequestMapping("/api/classes/{id}/brief")
@RequiredArgsConstructor
class BriefController {

  private final Briefs briefs;
  private final Notes notes;
  private final ClassService classes;
  private final GroupService groups;
  private final Speech speech;
  private final Today today;

  /** A note, or a question where somebody is asked. */
  record BriefNoteForm(@NotBlank @Size(max = 500) String text, @Nullable PersonId asked) {}

  /** An answer to a question. */
  record BriefAnswerForm(@NotBlank @Size(max = 500) String text) {}

  /** A class that was held, in words. */
  record HeldView(
      LocalDate date, PersonId leader, List<String> done, List<String> missing, String note) {}

  /** A line of the plan with its first reason. */
  record BriefLineView(Kind kind, int minutes, String title, @Nullable Long dance, String why) {}

  /** A mark on a section. */
  record BriefMarkView(int section, String note) {}

  /** What is to be known of a planned dance. */
  record DanceBriefView(
      long dance,
      String title,
      List<Kind> kinds,
      int minutes,
      Stage stage,
      SectionSet shown,
      int all,
      String options,
      List<String> called,
      List<BriefMarkView> watchOuts,
      SectionSet trouble,
      @Nullable LocalDate notedOn,
      @Nullable PersonId notedBy,
      @Nullable String note) {}

  /** A dance that was asked for. */
  record WishView(String title, String askedBy, LocalDate since) {}

  /**
   * A note, or a question; moments in universal time.
   *
   * @param mine whether one may take it away
   * @param mayAnswer whether one may answer it
   */
  record BriefNoteView(
      long id,
      String text,
      PersonId by,
      LocalDateTime at,
      @Nullable PersonId asked,
      @Nullable String answer,
      @Nullable PersonId answeredBy,
      boolean mine,
      boolean mayAnswer) {}

  /** All of it; {@code summary} has fewer than 200 words. */
  record BriefView(
      String groupName,
      LocalDate date,
      LocalTime startsAt,
      String place,
      int minutes,
      @Nullable PersonId leader,
      @Nullable PersonId lastLeader,
      List<String> summary,
      List<HeldView> since,
      List<BriefLineView> plan,
      List<DanceBriefView> dances,
      List<WishView> wishes,
      List<BriefNoteView> notes) {}

  @GetMapping
  BriefView brief(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
    ClassRow row = classes.get(id);
    GroupRow group = groups.get(row.group());
    Brief brief = briefs.of(row, me.person());
    return new BriefView(
        group.name(),
        row.date(),
        group.startsAt(),
        group.place(),
        row.minutes(),
        row.ledBy().orElse(null),
        briefs.lastLeader(row.group()).orElse(null),
        speech.handover().summary(brief),
        brief.since().stream().map(this::held).toList(),
        row.lines().stream().map(this::plan).toList(),
        brief.dances().stream().map(this::dance).toList(),
        brief.wishes().stream()
            .map(it -> new WishView(it.title(), it.askedBy(), it.since()))
            .toList(),
        notes.of(row.group()).stream().map(it -> note(it, me)).toList());
  }

  @PostMapping("/notes")
  BriefView add(
      @PathVariable long id,
      @Valid @RequestBody BriefNoteForm form,
      @AuthenticationPrincipal SignedIn me) {
    notes.add(classes.get(id).group(), form.text(), Optional.ofNullable(form.asked()), me);
    return brief(id, me);
  }

  @PutMapping("/notes/{note}")
  BriefView answer(
      @PathVariable long id,
      @PathVariable long note,
      @Valid @RequestBody BriefAnswerForm form,
      @AuthenticationPrincipal SignedIn me) {
    notes.answer(note, form.text(), me);
    return brief(id, me);
  }

  @DeleteMapping("/notes/{note}")
  BriefView remove(
      @PathVariable long id, @PathVariable long note, @AuthenticationPrincipal SignedIn me) {
    notes.remove(note, me);
    return brief(id, me);
  }

  private HeldView held(PastClass held) {
    return new HeldView(
        held.date(),
        held.leader(),
        held.done().stream()
            .map(it -> speech.handover().done(it) + (it.note().isBlank() ? "" : ". " + it.note()))
            .toList(),
        held.missing(),
        held.note());
  }

  private BriefLineView plan(LineRow line) {
    return new BriefLineView(
        line.kind(),
        line.minutes(),
        line.title(),
        line.dance().map(it -> it.dance()).orElse(null),
        line.reasons().stream()
            .findFirst()
            .map(it -> speech.plan().reason(it, today.date()))
            .orElse(""));
  }

  private DanceBriefView dance(DanceBrief dance) {
    return new DanceBriefView(
        dance.dance(),
        dance.title(),
        dance.kinds(),
        dance.minutes(),
        dance.stage(),
        dance.shown(),
        dance.all(),
        dance.options(),
        dance.exceptions().stream().map(speech.handover()::exception).toList(),
        dance.watchOuts().stream().map(it -> new BriefMarkView(it.section(), it.note())).toList(),
        dance.trouble(),
        dance.last().map(DanceBrief.Note::date).orElse(null),
        dance.last().map(DanceBrief.Note::by).orElse(null),
        dance.last().map(DanceBrief.Note::text).orElse(null));
  }

  private static BriefNoteView note(NoteRow row, SignedIn me) {
    boolean asked = row.asked().equals(Optional.of(me.person()));
    boolean instructor = me.may(Ability.EVERY_CLASS);
    return new BriefNoteView(
        row.id(),
        row.text(),
        row.by(),
        row.at(),
        row.asked().orElse(null),
        row.answer().map(NoteRow.Answer::text).orElse(null),
        row.answer().map(NoteRow.Answer::by).orElse(null),
        row.by().equals(me.person()) || instructor,
        row.isOpen() && (asked || instructor));
  }
}
