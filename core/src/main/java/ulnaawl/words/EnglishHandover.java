package ulnaawl.words;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import ulnaawl.handover.Brief;
import ulnaawl.handover.DanceBrief;
import ulnaawl.handover.PastClass;
import ulnaawl.handover.StandIn;
import ulnaawl.handover.StandIn.Hindrance;
import ulnaawl.handover.StandIn.Planned;
import ulnaawl.handover.WordBudget;
import ulnaawl.handover.WordBudget.Sentence;
import ulnaawl.people.PeopleNames;
import ulnaawl.people.PersonId;
import ulnaawl.plan.ClassLine.Kind;

/** What one leader tells another, in English. */
final class EnglishHandover implements HandoverSpeech {

  private final PeopleNames names;

  EnglishHandover(PeopleNames names) {
    this.names = names;
  }

  @Override
  public List<String> standIn(StandIn who, LocalDate today) {
    List<String> words = new ArrayList<>();
    who.hindrance().ifPresent(it -> words.add(Plain.capital(hindrance(it)) + "."));
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

  @Override
  public String cannot(PersonId who, Hindrance why) {
    return Plain.capital(names.of(who)) + " " + hindrance(why) + ".";
  }

  private static String hindrance(Hindrance why) {
    return switch (why) {
      case Hindrance.Away it ->
          it.from().equals(it.to())
              ? "is away on " + Plain.day(it.from())
              : "is away from " + Plain.day(it.from()) + " to " + Plain.day(it.to());
      case Hindrance.LeadsElsewhere it -> "leads " + it.group() + " at that time";
    };
  }

  /** How soon a sentence is chosen where there is not room for all. */
  private static final int FIRST = 9;

  private static final int TONIGHT = 8;
  private static final int LAST_CLASS = 7;
  private static final int CALLED = 6;
  private static final int TROUBLE = 5;
  private static final int MISSING = 4;
  private static final int WISHES = 3;
  private static final int EARLIER = 2;

  @Override
  public List<String> summary(Brief brief) {
    List<Sentence> all = new ArrayList<>();
    all.add(new Sentence(FIRST, since(brief)));
    brief.since().stream().limit(1).forEach(it -> held(it, LAST_CLASS, all));
    brief.since().stream()
        .findFirst()
        .filter(it -> !it.missing().isEmpty())
        .ifPresent(it ->
            all.add(new Sentence(MISSING, "Missing last time: " + Plain.list(it.missing()) + ".")));
    if (!brief.plan().isEmpty()) {
      all.add(new Sentence(TONIGHT, tonight(brief)));
    }
    for (DanceBrief dance : brief.dances()) {
      if (!dance.exceptions().isEmpty()) {
        List<String> called = dance.exceptions().stream().map(this::exception).toList();
        all.add(new Sentence(CALLED, "Call in " + dance.title() + ": " + Plain.list(called) + "."));
      }
      if (!dance.trouble().isEmpty()) {
        all.add(
            new Sentence(
                TROUBLE,
                Plain.capital(Plain.sections(dance.trouble()))
                    + " of "
                    + dance.title()
                    + " tripped them last time."));
      }
      if (!dance.options().isBlank()) {
        all.add(
            new Sentence(TROUBLE, "They dance " + dance.title() + " so: " + dance.options() + "."));
      }
    }
    if (!brief.wishes().isEmpty()) {
      List<String> titles = brief.wishes().stream().map(Brief.Wish::title).distinct().toList();
      all.add(new Sentence(WISHES, "Asked for: " + Plain.list(titles) + "."));
    }
    // What lies further back is read last, as far as there is room.
    brief.since().stream().skip(1).forEach(it -> held(it, EARLIER, all));
    return new WordBudget(MOST_WORDS - 1).choose(all);
  }

  private String since(Brief brief) {
    if (brief.since().isEmpty()) {
      return brief
          .lastLed()
          .map(day -> "You led them last, on " + Plain.day(day) + ".")
          .orElse("Nothing is written down of this group yet.");
    }
    List<String> leaders =
        brief.since().stream().map(PastClass::leader).distinct().map(names::of).toList();
    String by = ", led by " + Plain.list(leaders) + ".";
    int classes = brief.since().size();
    return brief
        .lastLed()
        .map(day ->
            "You last led them on "
                + Plain.day(day)
                + "; "
                + Plain.many(classes, "class", "classes")
                + " since"
                + by)
        .orElse(
            "You have not led them yet. The last "
                + (classes == 1 ? "class was" : classes + " classes were")
                + by.substring(1));
  }

  private void held(PastClass held, int weight, List<Sentence> all) {
    all.add(new Sentence(weight, held(held)));
    if (!held.note().isBlank()) {
      all.add(
          new Sentence(
              weight,
              Plain.capital(names.of(held.leader())) + " says: “" + held.note().strip() + "”"));
    }
  }

  private String held(PastClass held) {
    return Plain.day(held.date())
        + ", "
        + names.of(held.leader())
        + ": "
        + String.join("; ", held.done().stream().map(this::done).toList())
        + ".";
  }

  @Override
  public String done(PastClass.Done done) {
    String what =
        switch (done.happened()) {
          case INTRODUCED ->
              done.shown().isEmpty() ? "begun" : Plain.sections(done.shown()) + " taught";
          case TAUGHT -> "taught to the end";
          case WALKED -> "walked through";
          case DANCED_CALLED -> "danced with calls";
          case DANCED -> "danced";
        };
    String how =
        switch (done.outcome()) {
          case SOLID -> "solid";
          case SHAKY -> "shaky";
          case LOST -> "lost";
        };
    return done.title() + ": " + what + ", " + how;
  }

  /** What is done with the dances; breaks and stretches say themselves. */
  private static String tonight(Brief brief) {
    List<String> parts = new ArrayList<>();
    Set<String> named = new HashSet<>();
    for (Kind kind : List.of(Kind.TEACH, Kind.REMINDER, Kind.PRACTICE, Kind.FINISH)) {
      List<String> titles =
          brief.plan().stream()
              .filter(it -> it.kind() == kind)
              .filter(it -> kind != Kind.PRACTICE || !named.contains(it.title()))
              .map(it -> it.title() + " " + it.minutes() + "′")
              .toList();
      brief.plan().stream()
          .filter(it -> it.kind() == kind)
          .map(Brief.Planned::title)
          .forEach(named::add);
      if (!titles.isEmpty()) {
        parts.add(verb(kind) + " " + Plain.list(titles));
      }
    }
    return "Planned: " + (parts.isEmpty() ? "no dance yet" : String.join("; ", parts)) + ".";
  }

  private static String verb(Kind kind) {
    return switch (kind) {
      case TEACH -> "teach";
      case REMINDER -> "remind of";
      case FINISH -> "finish with";
      case PRACTICE, WARM_UP, BREAK, COOL_DOWN -> "dance";
    };
  }

  @Override
  public String exception(DanceBrief.Called exception) {
    List<String> walls = exception.walls().stream().map(String::valueOf).toList();
    return exception.event().notation()
        + (walls.size() == 1 ? " on wall " : " on walls ")
        + Plain.list(walls);
  }
}
