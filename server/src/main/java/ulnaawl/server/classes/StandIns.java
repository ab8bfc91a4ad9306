package ulnaawl.server.classes;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.handover.ClassTime;
import ulnaawl.handover.StandIn;
import ulnaawl.handover.StandIn.Colleague;
import ulnaawl.handover.StandIn.Hindrance;
import ulnaawl.handover.StandIn.Planned;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.Ability;
import ulnaawl.server.calendar.Away;
import ulnaawl.server.calendar.AwayRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.learning.RecordService;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.people.Person;
import ulnaawl.words.Speech;

/** Who leads a class in another one's place. */
@Component
@RequiredArgsConstructor
class StandIns {

  private final ClassStore store;
  private final GroupService groups;
  private final RecordService record;
  private final PeopleService people;
  private final Away away;
  private final Speech speech;

  /** Whether a class waits for somebody: nobody leads it, or whoever does is away on that day. */
  boolean isOpen(ClassRow row) {
    return row.ledBy()
        .flatMap(it -> people.find(it.number()))
        .map(leader -> awayOn(leader, row.date()).isPresent())
        .orElse(true);
  }

  /** Why somebody cannot lead a class, in words; empty where they can. */
  Optional<String> whyNot(PersonId person, ClassRow row) {
    return people
        .find(person.number())
        .flatMap(it -> hindrance(it, row))
        .map(why -> speech.handover().cannot(person, why));
  }

  /** Everybody who could lead a class, the best one first. */
  List<StandIn> of(ClassRow row) {
    List<Planned> plan =
        row.lines().stream()
            .flatMap(line ->
                line
                    .dance()
                    .map(dance -> new Planned(dance.dance(), line.title(), line.kind()))
                    .stream())
            .toList();
    Map<PersonId, LocalDate> lastHere = record.lastLed(row.group());
    return StandIn.of(
        plan,
        people.everybody().stream()
            .filter(it -> it.role().may(Ability.LEAD))
            .filter(it -> !row.ledBy().equals(Optional.of(it.person())))
            .map(it ->
                new Colleague(
                    it.person(),
                    record.ledBy(it.person()),
                    Optional.ofNullable(lastHere.get(it.person())),
                    hindrance(it, row)))
            .toList());
  }

  private Optional<Hindrance> hindrance(Person person, ClassRow row) {
    Optional<Hindrance> gone =
        awayOn(person, row.date()).map(it -> new Hindrance.Away(it.from(), it.to()));
    return gone.or(() -> elsewhere(person, row));
  }

  private Optional<AwayRow> awayOn(Person person, LocalDate day) {
    return away.coming().stream()
        .filter(it -> it.person() == person.id() && it.has(day))
        .findFirst();
  }

  private Optional<Hindrance> elsewhere(Person person, ClassRow row) {
    return store.onDay(row.date()).stream()
        .filter(it -> it.id() != row.id() && it.ledBy().equals(Optional.of(person.person())))
        .filter(it -> timeOf(it).overlaps(timeOf(row)))
        .findFirst()
        .map(it -> new Hindrance.LeadsElsewhere(groups.get(it.group()).name()));
  }

  private ClassTime timeOf(ClassRow row) {
    return new ClassTime(groups.get(row.group()).startsAt(), row.minutes());
  }
}
