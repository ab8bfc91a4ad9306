package ulnaawl.server.terms;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.terms.Planners.Ready;
import ulnaawl.server.terms.TermRow.InTerm;
import ulnaawl.server.terms.TermView.Cost;
import ulnaawl.server.terms.TermView.InsteadView;
import ulnaawl.server.terms.TermView.JobView;
import ulnaawl.server.terms.TermView.TermCard;
import ulnaawl.server.terms.TermView.TermSheet;
import ulnaawl.server.terms.TermView.UnmetWish;
import ulnaawl.term.TermChange;
import ulnaawl.term.TermGroup;
import ulnaawl.term.TermPlan;
import ulnaawl.term.TermValue;
import ulnaawl.term.words.TermSpeech;

/** Terms, their plans, and what a change of them would come to. */
@RestController
@RequestMapping("/api/terms")
@RequiredArgsConstructor
class TermController {

  private static final int MOST_INSTEAD = 12;

  private final Terms terms;
  private final TermSheets sheets;
  private final Planners planners;
  private final TermJobs jobs;

  /** A group in a term. */
  record InTermForm(long group, @Min(0) @Max(TermGroup.MOST_NEW) int mostNew, boolean social) {}

  /**
   * A term to make or to change.
   *
   * @param version that is changed; 0 for a new one
   */
  record TermForm(
      @NotBlank @Size(max = 60) String name,
      @NotNull LocalDate from,
      @NotNull LocalDate to,
      @Nullable LocalDate social,
      @NotNull @Size(max = 20) List<@Valid InTermForm> groups,
      int version) {

    List<InTerm> in() {
      return groups.stream().map(it -> new InTerm(it.group(), it.mostNew(), it.social())).toList();
    }
  }

  /**
   * A dance starts elsewhere.
   *
   * @param on the day; nothing where it goes out
   * @param insteadOf the dance in whose place it comes, which goes out
   * @param stays whether it is wanted just there
   */
  record StartForm(
      long group,
      long dance,
      @Nullable LocalDate on,
      boolean stays,
      @Nullable Long insteadOf,
      int version) {

    /** A plan with this in it. */
    TermPlan in(TermPlan plan) {
      TermPlan without = insteadOf == null ? plan : plan.with(group, insteadOf, Optional.empty());
      return on == null
          ? without.with(group, dance, Optional.empty())
          : without.with(new TermPlan.Start(group, dance, on, stays));
    }
  }

  /** Somebody leads a class; nothing where nobody is settled. */
  record LedForm(long group, @NotNull LocalDate on, @Nullable Long leader, int version) {}

  /** The term as somebody has seen it. */
  record SettleForm(int version) {}

  /** Changes to take over, by their places in the list; all of them where nothing is said. */
  record TakePlanForm(int version, @Nullable Set<Integer> changes) {}

  @GetMapping
  List<TermCard> all() {
    return terms.all().stream()
        .map(it ->
            new TermCard(
                it.id(),
                it.name(),
                it.from(),
                it.to(),
                it.social().orElse(null),
                it.groups().size()))
        .toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  TermSheet make(@Valid @RequestBody TermForm form, @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(
        terms.make(
            form.name(),
            form.from(),
            form.to(),
            Optional.ofNullable(form.social()),
            form.in(),
            me));
  }

  @GetMapping("/{id}")
  TermSheet term(@PathVariable long id) {
    return sheets.sheet(terms.get(id));
  }

  @PutMapping("/{id}")
  TermSheet frame(
      @PathVariable long id,
      @Valid @RequestBody TermForm form,
      @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(
        terms.frame(
            new TermRow(
                id,
                form.name().strip(),
                form.from(),
                form.to(),
                Optional.ofNullable(form.social()),
                form.version(),
                form.in(),
                terms.get(id).plan()),
            me));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void archive(
      @PathVariable long id, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    terms.archive(id, version, me);
    jobs.forget(id);
  }

  @PutMapping("/{id}/start")
  TermSheet start(
      @PathVariable long id,
      @Valid @RequestBody StartForm form,
      @AuthenticationPrincipal SignedIn me) {
    TermPlan plan = form.in(terms.get(id).plan());
    return sheets.sheet(terms.plan(id, form.version(), plan, me));
  }

  /** What that would come to, without doing it. */
  @PostMapping("/{id}/cost")
  Cost cost(@PathVariable long id, @Valid @RequestBody StartForm form) {
    TermRow term = terms.get(id);
    Ready ready = planners.of(term);
    TermValue now = ready.planner().look(term.plan()).value();
    TermValue then = ready.planner().look(form.in(term.plan())).value();
    TermSpeech speech = sheets.speech(ready.problem());
    return new Cost(
        then.points() - now.points(),
        then.brokenRules().stream()
            .filter(it -> !now.matches().contains(it))
            .map(speech::match)
            .toList());
  }

  @PutMapping("/{id}/leader")
  TermSheet leader(
      @PathVariable long id,
      @Valid @RequestBody LedForm form,
      @AuthenticationPrincipal SignedIn me) {
    Optional<PersonId> leader = Optional.ofNullable(form.leader()).map(PersonId::new);
    return sheets.sheet(terms.lead(id, form.version(), form.group(), form.on(), leader, me));
  }

  /** Takes it as it has become since it was settled. */
  @PostMapping("/{id}/settle")
  TermSheet settle(
      @PathVariable long id,
      @Valid @RequestBody SettleForm form,
      @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(terms.settle(id, form.version(), me));
  }

  /** What could stand in the place of a new dance, or where else it could stand. */
  @GetMapping("/{id}/instead")
  List<InsteadView> instead(
      @PathVariable long id, @RequestParam long group, @RequestParam long dance) {
    TermRow term = terms.get(id);
    return planners.of(term).planner().instead(term.plan(), group, dance, MOST_INSTEAD).stream()
        .map(it ->
            new InsteadView(
                it.course().dance().id(),
                it.course().dance().title(),
                it.course().first().date(),
                it.breaks() <= 0,
                it.points()))
        .toList();
  }

  /** What is wished and not in the plan, and what would have to give. */
  @GetMapping("/{id}/unmet")
  List<UnmetWish> unmet(@PathVariable long id) {
    TermRow term = terms.get(id);
    Ready ready = planners.of(term);
    TermSpeech speech = sheets.speech(ready.problem());
    var titles = ready.problem().danceByNumber();
    return ready.planner().unmet(term.plan()).stream()
        .flatMap(it ->
            Optional.ofNullable(titles.get(it.wish().dance()))
                .map(dance ->
                    new UnmetWish(
                        it.wish().group(),
                        dance.id(),
                        dance.title(),
                        it.wish().times(),
                        speech.unmet(it)))
                .stream())
        .toList();
  }

  @PostMapping("/{id}/plan")
  JobView begin(@PathVariable long id) {
    return view(terms.get(id), jobs.begin(terms.get(id)));
  }

  /** How far it is; nothing where none is being made. */
  @GetMapping("/{id}/plan")
  ResponseEntity<JobView> job(@PathVariable long id) {
    TermRow term = terms.get(id);
    return jobs.of(id)
        .map(it -> ResponseEntity.ok(view(term, it)))
        .orElse(ResponseEntity.noContent().build());
  }

  /** Stops it; the best so far is its answer. */
  @DeleteMapping("/{id}/plan")
  JobView stop(@PathVariable long id) {
    jobs.stop(id);
    return view(terms.get(id), job(terms.get(id)));
  }

  /** Takes what was planned, all of it or some changes. */
  @PostMapping("/{id}/plan/take")
  TermSheet take(
      @PathVariable long id,
      @Valid @RequestBody TakePlanForm form,
      @AuthenticationPrincipal SignedIn me) {
    TermRow term = terms.get(id);
    Set<Integer> changes = form.changes();
    TermPlan taken = job(term).taken(term, i -> changes == null || changes.contains(i));
    TermSheet sheet = sheets.sheet(terms.plan(id, form.version(), taken, me));
    jobs.forget(id);
    return sheet;
  }

  private TermJobs.Job job(TermRow term) {
    return jobs.of(term.id())
        .orElseThrow(() -> Problem.gone("No plan is being made for this term."));
  }

  private JobView view(TermRow term, TermJobs.Job job) {
    TermSpeech speech = sheets.speech(job.problem());
    return new JobView(
        job.isRunning(),
        job.isFailed(),
        job.progress().spent().toMillis(),
        job.planned().map(it -> it.value().broken()).orElse(job.progress().broken()),
        job.planned().map(it -> it.value().points()).orElse(job.progress().points()),
        job.planned().map(it -> worth(term, it.plan()) - worth(term, term.plan())).orElse(null),
        job.planned()
            .map(it ->
                TermChange.between(job.before(), it.plan()).stream().map(speech::change).toList())
            .orElse(List.of()));
  }

  /** What a plan is worth by itself, whatever was planned before. */
  private long worth(TermRow term, TermPlan plan) {
    return planners.of(term).planner().look(plan).value().points();
  }
}
