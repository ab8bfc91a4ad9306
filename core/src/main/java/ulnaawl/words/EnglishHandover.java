package ulnaawl.words;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import ulnaawl.handover.StandIn;
import ulnaawl.handover.StandIn.Hindrance;
import ulnaawl.handover.StandIn.Planned;
import ulnaawl.plan.ClassLine.Kind;

/** What one leader tells another, in English. */
final class EnglishHandover implements HandoverSpeech {

  @Override
  public List<String> standIn(StandIn who, LocalDate today) {
    List<String> words = new ArrayList<>();
    who.hindrance().map(EnglishHandover::hindrance).ifPresent(words::add);
    int all = who.hasLed().size() + who.hasNot().size();
    if (all > 0) {
      words.add(
          who.hasNot().isEmpty()
              ? "Has led every planned dance."
              : "Has led " + who.hasLed().size() + " of " + Plain.many(all, "planned dance") + ".");
    }
    List<String> taught =
        who.hasNot().stream().filter(it -> it.kind() == Kind.TEACH).map(Planned::title).toList();
    if (!taught.isEmpty()) {
      words.add("Has never led " + Plain.list(taught) + ", which is to be taught.");
    }
    words.add(
        who.lastHere()
            .map(day -> "Led this group on " + Plain.day(day) + ".")
            .orElse("Has not led this group yet."));
    return words;
  }

  private static String hindrance(Hindrance why) {
    return switch (why) {
      case Hindrance.Away it ->
          it.from().equals(it.to())
              ? "Is away on " + Plain.day(it.from()) + "."
              : "Is away from " + Plain.day(it.from()) + " to " + Plain.day(it.to()) + ".";
      case Hindrance.LeadsElsewhere it -> "Leads " + it.group() + " at that time.";
    };
  }
}
