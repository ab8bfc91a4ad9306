package ulnaawl.server.classes;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Attendance;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.history.Action;
import ulnaawl.server.learning.EntryRow.Details;
import ulnaawl.server.learning.RecordService;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;
import ulnaawl.server.register.Registers;

/** Writing down what became of a class; instructors and co-instructors alike. */
@Service
@RequiredArgsConstructor
class ClassLog {

  private final ClassStore store;
  private final ClassService classes;
  private final PeopleService people;
  private final RecordService record;
  private final Registers registers;
  private final Today today;

  /** What became of a line. */
  record Danced(
      long line,
      Happened happened,
      SectionSet shown,
      Outcome outcome,
      String note,
      Details details) {}

  /**
   * Who came.
   *
   * @param version of what was written down of that day; 0 where nothing was
   */
  record Came(Attendance who, int version) {}

  /**
   * A class as it is written down.
   *
   * @param key a word by which a device sends its log once; empty where it does not care
   * @param ledBy who led; empty where it was who writes, or who was to lead
   * @param came who came, where somebody said so
   */
  record Log(
      String key,
      String note,
      Optional<PersonId> ledBy,
      Optional<Came> came,
      List<Danced> danced) {}

  /** Writes down what happened; the same log sent again changes nothing. */
  @Transactional
  ClassRow record(long id, int version, Log log, SignedIn me) {
    ClassRow row = classes.get(id);
    if (row.recorded() && !log.key().isEmpty() && row.logKey().equals(Optional.of(log.key()))) {
      return row;
    }
    begun(row);
    if (log.danced().stream().map(Danced::line).distinct().count() < log.danced().size()) {
      throw Problem.rejected("A line of this class is written down twice; once is enough.");
    }
    boolean marked =
        store.markRecorded(id, version, log.note(), log.key(), me.person(), today.moment());
    ClassService.changed(marked, row);
    record.withdrawNoted(id, Optional.empty(), Optional.empty(), me);
    Optional<PersonId> leader = log.ledBy().map(people::leader).or(row::ledBy);
    Map<Long, LineRow> lines =
        row.lines().stream().collect(Collectors.toMap(LineRow::id, Function.identity()));
    for (Danced one : log.danced()) {
      LineRow line =
          Optional.ofNullable(lines.get(one.line()))
              .orElseThrow(() -> Problem.rejected("A line of this class is not there any more."));
      long dance =
          line.dance()
              .map(DanceVersion::dance)
              .orElseThrow(() -> Problem.rejected(line.title() + " is not a dance."));
      record.record(
          row.group(),
          Optional.of(id),
          new RecordService.Entry(
              dance,
              row.date(),
              one.happened(),
              one.shown(),
              one.outcome(),
              one.note(),
              led(one.details(), leader, me)),
          me);
    }
    log.came().ifPresent(it -> registers.came(row.group(), row.date(), it.who(), it.version(), me));
    ClassRow now = classes.get(id);
    classes.publish(now, Action.RECORDED, me, version);
    return now;
  }

  private static Details led(Details details, Optional<PersonId> leader, SignedIn me) {
    Optional<PersonId> other = leader.filter(it -> !it.equals(me.person()));
    return new Details(
        details.spots(), details.percent(), details.minutes(), details.options(), other, false);
  }

  private void begun(ClassRow row) {
    if (!row.hasBegun(today.date())) {
      throw Problem.rejected(
          "This class is on " + row.date() + "; it is written down once it has been.");
    }
  }

  /** What a run-through or a teach of a class reached, as it notes it by itself. */
  record Noted(long dance, Happened happened, SectionSet shown, Outcome outcome, Details details) {}

  /**
   * Notes what was reached in a class, in place of what was noted of the same before; its log
   * begins with it and takes its place. A class that is still to come is only rehearsed: that is
   * refused.
   */
  @Transactional
  void note(long id, Noted noted, SignedIn me) {
    ClassRow row = classes.get(id);
    begun(row);
    if (row.recorded()) {
      throw Problem.conflict(
          "This class is written down already; take the record back to add to it.");
    }
    record.withdrawNoted(id, Optional.of(noted.dance()), Optional.of(noted.happened()), me);
    Details all = noted.details();
    record.record(
        row.group(),
        Optional.of(id),
        new RecordService.Entry(
            noted.dance(),
            row.date(),
            noted.happened(),
            noted.shown(),
            noted.outcome(),
            "",
            new Details(
                all.spots(), all.percent(), all.minutes(), all.options(), Optional.empty(), true)),
        me);
  }

  /** Takes a record back: the class is planned again, its evidence is withdrawn. */
  @Transactional
  ClassRow takeBack(long id, int version, SignedIn me) {
    ClassRow row = classes.get(id);
    ClassService.changed(store.markPlanned(id, version), row);
    record.withdraw(id, me);
    ClassRow now = classes.get(id);
    classes.publish(now, Action.TAKEN_BACK, me, version);
    return now;
  }
}
