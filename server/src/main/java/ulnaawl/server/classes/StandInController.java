package ulnaawl.server.classes;

import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.people.PersonId;
import ulnaawl.server.platform.Today;
import ulnaawl.words.Speech;

/** Who could lead a class. */
@RestController
@RequestMapping("/api/classes/{id}/stand-ins")
@RequiredArgsConstructor
class StandInController {

  private final ClassService classes;
  private final StandIns standIns;
  private final Speech speech;
  private final Today today;

  /**
   * Somebody who could be asked.
   *
   * @param free whether they can
   */
  record StandInView(PersonId person, boolean free, List<String> why) {}

  /**
   * Who could lead a class.
   *
   * @param open whether it waits for somebody
   */
  record StandInList(boolean open, List<StandInView> people) {}

  @GetMapping
  StandInList all(@PathVariable long id) {
    ClassRow row = classes.get(id);
    return new StandInList(
        standIns.isOpen(row),
        standIns.of(row).stream()
            .map(it ->
                new StandInView(
                    it.person(),
                    it.hindrance().isEmpty(),
                    speech.handover().standIn(it, today.date())))
            .toList());
  }
}
