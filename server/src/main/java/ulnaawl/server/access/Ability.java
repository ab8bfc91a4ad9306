package ulnaawl.server.access;

import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Something that a role lets people do; roles are sets of these. */
public enum Ability {
  READ("reads dances, songs, groups, classes and terms, without names of dancers"),
  HEADS("sees how many came", READ),
  DANCERS("sees the names of dancers: who came, and who asked for what", HEADS),
  LOG("writes down how an evening went, and who came", DANCERS),
  LEAD("leads classes: plans and runs them, takes them over, asks and answers", DANCERS),
  TEACH("puts teaches together, and says what trips people", READ),
  EVERY_CLASS("does so in everybody's classes and groups, not only in their own", READ),
  PROPOSE("reads printed sheets, and proposes changes", READ),
  CHANGE_DANCES("changes dances, songs and the club's words, and takes proposals over", PROPOSE),
  PLAN("plans groups, terms and socials", READ),
  CALENDAR("writes closed days and themes", READ),
  SHARE("makes links for people without an account", READ),
  FILES("takes tables out, and takes files in, of what they may change", DANCERS),
  PEOPLE("invites people, and says who has which role", READ),
  CLUB("keeps the club: roles, copies, and what was done", READ);

  private final String words;
  private final List<Ability> brings;

  Ability(String words, Ability... brings) {
    this.words = words;
    this.brings = List.of(brings);
  }

  /** What a role does that has it, after "it" or a name. */
  public String words() {
    return words;
  }

  /** Whether an owner may put it into a role of the club's own; the club as a whole is theirs. */
  public boolean isOffered() {
    return this != CLUB;
  }

  /** It and whatever is of no use without: who sees names sees how many there are. */
  Set<Ability> withWhatItBrings() {
    Set<Ability> all = EnumSet.of(this);
    brings.forEach(it -> all.addAll(it.withWhatItBrings()));
    return all;
  }

  /** Some with all that they bring; everybody reads. */
  public static Set<Ability> complete(Collection<Ability> some) {
    Set<Ability> all = EnumSet.of(READ);
    some.forEach(it -> all.addAll(it.withWhatItBrings()));
    return Collections.unmodifiableSet(all);
  }

  /** Some in words, without what another of them brings anyway. */
  static String inWords(Collection<Ability> some) {
    Set<Ability> brought =
        some.stream()
            .flatMap(it -> it.withWhatItBrings().stream().filter(other -> other != it))
            .collect(Collectors.toCollection(() -> EnumSet.noneOf(Ability.class)));
    return EnumSet.copyOf(some).stream()
        .filter(it -> !brought.contains(it))
        .map(Ability::words)
        .collect(Collectors.joining("; "));
  }
}
