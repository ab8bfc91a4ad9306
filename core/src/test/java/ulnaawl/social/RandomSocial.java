package ulnaawl.social;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import ulnaawl.figure.Level;
import ulnaawl.plan.DanceFacts;
import ulnaawl.plan.solve.ClassBlock.Speed;

/** Socials by chance. */
final class RandomSocial {

  private static final List<String> KINDS = List.of("country", "waltz", "cha-cha", "rock");

  private final Random random;

  RandomSocial(long seed) {
    this.random = new Random(seed);
  }

  SocialRequest of(int minutes, int dances, int groups) {
    List<Guests> guests = new ArrayList<>();
    for (int i = 0; i < groups; i++) {
      guests.add(
          new Guests(
              i + 1,
              "Group " + (i + 1),
              Level.values()[random.nextInt(4)],
              4 + random.nextInt(20)));
    }
    List<SocialDance> known = new ArrayList<>();
    for (int i = 0; i < dances; i++) {
      known.add(dance(i + 1, groups));
    }
    List<Played> played = new ArrayList<>();
    known.forEach(it -> played.add(Played.dance(it)));
    if (dances > 3) {
      played.add(Played.split(known.get(0), known.get(1)));
      played.add(Played.split(known.get(3), known.get(2)));
    }
    known.stream()
        .filter(SocialDance::isWalkIn)
        .limit(5)
        .forEach(it -> played.add(Played.walkIn(it)));
    played.addAll(Played.again(played, 60 * minutes));
    List<Pause> pauses = new ArrayList<>();
    if (random.nextBoolean()) {
      pauses.add(new Pause(Pause.Kind.WALK_IN, 60 * random.nextInt(Math.max(1, minutes / 2)), 0));
    }
    if (random.nextBoolean()) {
      pauses.add(new Pause(Pause.Kind.BREAK, 60 * (minutes / 2), minutes > 60 ? 900 : 120));
    }
    return new SocialRequest(
        60 * minutes,
        60 * (minutes > 60 ? 12 : 4 + random.nextInt(4)),
        guests,
        played,
        pauses,
        List.of(),
        SocialRequest.SoFar.NOTHING);
  }

  private SocialDance dance(int number, int groups) {
    Set<Long> knownBy = new HashSet<>();
    for (long group = 1; group <= groups; group++) {
      if (random.nextInt(3) == 0) {
        knownBy.add(group);
      }
    }
    DanceFacts facts =
        new DanceFacts(
            "Dance " + number,
            Level.values()[random.nextInt(Level.values().length)],
            List.of(16, 32, 32, 48, 64).get(random.nextInt(5)),
            List.of(),
            List.of(),
            Optional.empty(),
            Speed.values()[random.nextInt(3)],
            10 + random.nextInt(70),
            OptionalInt.empty());
    return new SocialDance(
        number,
        facts,
        random.nextInt(5) == 0 ? Optional.empty() : Optional.of(KINDS.get(random.nextInt(4))),
        130 + random.nextInt(150),
        knownBy,
        Math.max(0, random.nextInt(9) - 5));
  }
}
