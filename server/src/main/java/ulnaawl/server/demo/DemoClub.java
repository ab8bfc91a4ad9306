package ulnaawl.server.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.TemporalAdjusters;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.figure.Level;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.calendar.Away;
import ulnaawl.server.classes.ClassService;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.groups.GroupDraft;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.handover.Notes;
import ulnaawl.server.history.Thing;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.platform.Today;
import ulnaawl.server.proposals.Proposals;
import ulnaawl.server.sample.SamplePerson;
import ulnaawl.server.sample.SampleSettings;
import ulnaawl.server.socials.Socials;
import ulnaawl.server.songs.SongService;
import ulnaawl.server.terms.Terms;

/**
 * Loads an invented club into an empty database: people, songs, dances, groups, half a year of
 * history.
 */
@Component
@RequiredArgsConstructor
class DemoClub {

  private static final Logger LOG = LoggerFactory.getLogger(DemoClub.class);
  private static final int SOCIAL_HEADS = 14;
  private static final int WEEKS_OVER = 5;
  private static final int WEEKS_TO_COME = 9;

  private final Notes notes;
  private final Proposals proposals;
  private final Away away;
  private final Terms terms;
  private final Socials socials;
  private final PeopleService people;
  private final GroupService groups;
  private final DanceService dances;
  private final ClassService classes;
  private final SongService songs;
  private final DemoHistory history;
  private final Today today;
  private final SampleSettings settings;

  @Transactional
  void load() {
    people.begin();
    SignedIn oda = add(SamplePerson.ODA);
    SignedIn wilma = add(SamplePerson.WILMA);
    SignedIn tomas = add(SamplePerson.TOMAS);
    SignedIn ines = add(SamplePerson.INES);
    add(SamplePerson.BERTIL);
    songs.importList(text("/demo/songs.csv"), true, oda);
    Map<String, Long> danceIds = loadDances(oda);
    Map<String, GroupRow> groupRows = loadGroups(oda);
    history.load(danceIds, groupRows, List.of(oda, wilma, tomas, ines));
    for (GroupRow group : groupRows.values()) {
      // Who may only lead leads what they plan; on Tuesday it is still open who does.
      SignedIn leader =
          switch (group.weekday()) {
            case MONDAY -> tomas;
            case THURSDAY -> ines;
            default -> oda;
          };
      classes.plan(group.id(), nextClass(group), group.minutes(), leader);
    }
    LocalDate monday = today.date().with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    // Ines is away for a week, and in five weeks all dance together.
    away.add(monday.plusDays(14), monday.plusDays(20), "in the hills", ines);
    terms.makePlanned(
        "Winter term",
        monday.minusWeeks(WEEKS_OVER),
        monday.plusWeeks(WEEKS_TO_COME).plusDays(4),
        monday.plusWeeks(5).plusDays(5),
        oda);
    // The term knows who leads; now the classes follow what it has.
    for (GroupRow group : groupRows.values()) {
      classes.planAnew(group.id(), nextClass(group), oda);
    }
    long thursday =
        Objects.requireNonNull(groupRows.get("Thursday Turners"), "Thursday Turners").id();
    notes.add(
        thursday,
        "The left speaker crackles; the spare cable lies in the piano stool.",
        Optional.empty(),
        wilma);
    notes.add(
        thursday,
        "Did you go on with the half turns, or only walk them?",
        Optional.of(wilma.person()),
        ines);
    long shop = Objects.requireNonNull(danceIds.get("corner-shop"), "corner-shop");
    String text = dances.get(shop).stepText();
    proposals.propose(
        Thing.DANCE,
        shop,
        1,
        text,
        text.stripTrailing() + "\n# Small steps in the cha-chas, or the floor is too short.\n",
        "Twice now they ran out of floor.",
        tomas);
    socials.makeOrdered(
        "Winter social", monday.plusWeeks(5).plusDays(5), LocalTime.of(19, 30), SOCIAL_HEADS, oda);
    LOG.info("The demo club is loaded");
  }

  private SignedIn add(SamplePerson one) {
    return people.add(one.fullName(), settings.password(), one.role(), Optional.empty());
  }

  private LocalDate nextClass(GroupRow group) {
    return today.date().with(TemporalAdjusters.nextOrSame(group.weekday()));
  }

  private Map<String, Long> loadDances(SignedIn me) {
    Map<String, Long> ids = new LinkedHashMap<>();
    try {
      Resource[] files =
          new PathMatchingResourcePatternResolver().getResources("classpath:/demo/dances/*.txt");
      for (Resource file : files) {
        String name = String.valueOf(file.getFilename()).replace(".txt", "");
        ids.put(name, dances.add(file.getContentAsString(StandardCharsets.UTF_8), me).id());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return ids;
  }

  private Map<String, GroupRow> loadGroups(SignedIn me) {
    List<GroupDraft> drafts =
        List.of(
            new GroupDraft(
                "Monday Newcomers",
                Level.ABSOLUTE_BEGINNER,
                DayOfWeek.MONDAY,
                LocalTime.of(19, 0),
                60,
                "Millbrook parish hall"),
            new GroupDraft(
                "Tuesday Steppers",
                Level.HIGH_BEGINNER,
                DayOfWeek.TUESDAY,
                LocalTime.of(19, 30),
                75,
                "Fire station, upstairs"),
            new GroupDraft(
                "Thursday Turners",
                Level.IMPROVER,
                DayOfWeek.THURSDAY,
                LocalTime.of(20, 0),
                90,
                "Millbrook parish hall"));
    Map<String, GroupRow> rows = new LinkedHashMap<>();
    for (GroupDraft draft : drafts) {
      rows.put(draft.name(), groups.add(draft, me));
    }
    return rows;
  }

  static String text(String resource) {
    try {
      return new ClassPathResource(resource).getContentAsString(StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
