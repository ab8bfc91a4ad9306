package ulnaawl.term.words;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import ulnaawl.term.Appearance;
import ulnaawl.term.ClassOn;
import ulnaawl.term.Slip;
import ulnaawl.term.TermChange;
import ulnaawl.term.TermDance;
import ulnaawl.term.TermMatch;
import ulnaawl.term.TermRule;
import ulnaawl.term.solve.TermPlanner.Unmet;
import ulnaawl.words.Plain;

/** A term in English. */
@RequiredArgsConstructor
final class EnglishTerm implements TermSpeech {

  private final Names names;

  @Override
  public String rule(TermRule rule) {
    return switch (rule) {
      case MINUTES -> "what stands in a class fits into it";
      case LEVEL -> "nothing two levels above the group";
      case LED_TO -> "what leads to a figure comes before it";
      case NOT_DROPPED -> "nothing is dropped before it is known";
      case TWICE -> "a dance once in a group";
      case MOST_NEW -> "no more new dances than the group takes";
      case CAN_TEACH -> "who leads can teach it";
      case ONE_AT_A_TIME -> "nobody leads two classes at a time";
      case NEW_DANCE -> "new dances";
      case ABOVE_LEVEL -> "above the group's level";
      case BELOW_LEVEL -> "below the group's level";
      case ASKED -> "asked for";
      case THEME -> "themes";
      case SHARED -> "shared at the social";
      case SAME_STYLE -> "the same style again";
      case SAME_SPEED -> "as fast as another";
      case SAME_WALLS -> "as many walls as another";
      case TOO_MUCH_NEWS -> "more than two new figures";
      case TWO_TEACHES -> "two teaches in a class";
      case RESTS -> "due and left to rest";
      case LATE -> "back later than due";
      case UNEVEN -> "teaching that is heaped up";
      case NO_LEADER -> "classes that nobody leads";
      case OTHER_LEADER -> "somebody else leads than usual";
      case CHANGED -> "otherwise than planned before";
    };
  }

  @Override
  public String match(TermMatch match) {
    String dances = Plain.list(match.dances().stream().map(TermDance::title).toList());
    String on = match.classes().stream().findFirst().map(ClassOn::date).map(Plain::day).orElse("");
    String group = names.group(match.group());
    return switch (match.rule()) {
      case MINUTES ->
          group
              + " on "
              + on
              + ": "
              + Plain.many(match.amount(), "minute")
              + " more than there are.";
      case LEVEL -> dances + " is " + Plain.many(match.amount(), "level") + " above " + group + ".";
      case LED_TO ->
          dances + " on " + on + " has a figure that rests on one which nothing before it brings.";
      case NOT_DROPPED ->
          match.classes().isEmpty()
              ? dances + " was begun with " + group + " and is not gone on with."
              : dances + " comes on " + on + ", too late to be known before the term ends.";
      case TWICE -> dances + " stands twice in the plan of " + group + ".";
      case MOST_NEW -> dances + " is one new dance more than " + group + " takes in a term.";
      case CAN_TEACH -> "Nobody who leads " + group + " on " + on + " has led " + dances + ".";
      case ONE_AT_A_TIME -> "Somebody leads two classes on " + on + " at the same time.";
      case NEW_DANCE -> "New to " + group + ", and known before the term ends.";
      case ABOVE_LEVEL -> Plain.many(match.amount(), "level") + " above " + group + ".";
      case BELOW_LEVEL -> Plain.many(match.amount(), "level") + " below " + group + ".";
      case ASKED -> Plain.many(match.amount(), "person", "people") + " asked for it.";
      case THEME -> "It belongs to the theme of these weeks.";
      case SHARED -> "Another group knows it by the social, too.";
      case SAME_STYLE -> dances + " are of one style.";
      case SAME_SPEED -> dances + " are equally fast.";
      case SAME_WALLS -> dances + " have as many walls.";
      case TOO_MUCH_NEWS -> Plain.many(match.amount(), "new figure") + " at once; two are enough.";
      case TWO_TEACHES ->
          group
              + " on "
              + on
              + ": "
              + Plain.many(match.amount(), "teach", "teaches")
              + " in a class.";
      case RESTS -> dances + " is due with " + group + " and rests.";
      case LATE -> Plain.many(match.amount(), "week") + " after it could come back.";
      case UNEVEN -> Plain.many(match.amount(), "minute") + " of teaching on " + on + ".";
      case NO_LEADER -> "Nobody leads " + group + " on " + on + ".";
      case OTHER_LEADER -> "Somebody else than usual leads " + group + " on " + on + ".";
      case CHANGED ->
          dances.isEmpty()
              ? "Somebody else leads " + group + " on " + on + " than planned before."
              : dances + " stood on " + on + " before.";
    };
  }

  @Override
  public String appearance(Appearance appearance) {
    String what =
        switch (appearance.happened()) {
          case INTRODUCED -> "begun";
          case TAUGHT -> "taught to the end";
          case WALKED -> "walked through again";
          case DANCED_CALLED -> "danced with calls";
          case DANCED -> "danced";
        };
    return what + ", " + Plain.many(appearance.minutes(), "minute");
  }

  @Override
  public List<String> unmet(Unmet unmet) {
    if (unmet.best().isEmpty()) {
      return List.of("The term has no place for it: it is too short, or the dance too hard.");
    }
    List<String> gives = new ArrayList<>();
    String on = Plain.day(unmet.best().get().first().date());
    unmet.gives().forEach(it -> gives.add(match(it)));
    if (unmet.points() < 0) {
      gives.add(
          (gives.isEmpty() ? "From " + on + " it would fit" : "Besides")
              + ", but what stands there is worth "
              + Plain.many(-unmet.points(), "point")
              + " more.");
    }
    return gives;
  }

  @Override
  public String slip(Slip slip) {
    String now =
        slip.known()
            .map(it -> "now on " + Plain.day(it) + later(slip))
            .orElse("now not within the term");
    return names.dance(slip.promise().dance())
        + " was to be known by "
        + names.group(slip.promise().group())
        + " on "
        + Plain.day(slip.promise().known())
        + ", "
        + now
        + ".";
  }

  private static String later(Slip slip) {
    return slip.weeks()
        .filter(it -> it > 0)
        .map(it -> ", " + Plain.many(it, "week") + " later")
        .orElse("");
  }

  @Override
  public String change(TermChange change) {
    return switch (change) {
      case TermChange.Moved it ->
          names.group(it.group())
              + ": "
              + names.dance(it.dance())
              + " "
              + moved(it.from(), it.to());
      case TermChange.LedBy it ->
          names.group(it.group())
              + " on "
              + Plain.day(it.on())
              + ": "
              + it.to().map(names::leader).orElse("nobody")
              + " leads instead of "
              + it.from().map(names::leader).orElse("nobody")
              + ".";
    };
  }

  private static String moved(Optional<LocalDate> from, Optional<LocalDate> to) {
    if (from.isEmpty()) {
      return "comes in on " + Plain.day(to.orElseThrow()) + ".";
    }
    return to.map(it -> "moves from " + Plain.day(from.get()) + " to " + Plain.day(it) + ".")
        .orElse("goes out, it stood on " + Plain.day(from.get()) + ".");
  }
}
