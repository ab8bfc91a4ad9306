package ulnaawl.server.starter;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.notation.Stated;
import ulnaawl.plan.DanceFacts;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.dances.Catalog;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.platform.Problem;

/** Twelve easy dances, invented for this program, that a new club can take. */
@Service
class StarterDances {

  private static final String FILES = "classpath:/starter/dances/*.txt";

  private final DanceReader reader;
  private final DanceService dances;
  private final Catalog catalog;
  private final List<Starter> all;

  StarterDances(DanceReader reader, DanceService dances, Catalog catalog) {
    this.reader = reader;
    this.dances = dances;
    this.catalog = catalog;
    this.all = files();
  }

  /**
   * A dance that can be taken.
   *
   * @param file the name of its file, by which it is asked for
   */
  record Starter(String file, String stepText) {}

  private static List<Starter> files() {
    try {
      return Arrays.stream(new PathMatchingResourcePatternResolver().getResources(FILES))
          .map(StarterDances::starter)
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Starter starter(Resource file) {
    try {
      return new Starter(
          String.valueOf(file.getFilename()).replace(".txt", ""),
          file.getContentAsString(StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A dance as it is shown: what it is by the club's own words and levels. */
  record Read(Starter starter, ReadDance dance, boolean here) {
    List<String> figures() {
      return DanceFacts.of(dance.dance(), dance.level().level()).figures().stream()
          .sorted()
          .toList();
    }

    String note() {
      return dance.dance().headers().notes().stream()
          .map(Stated::value)
          .collect(Collectors.joining(" "));
    }
  }

  /** All of them, the easiest first; and whether the club has one of that title already. */
  List<Read> all() {
    Set<String> here =
        catalog.now().all().stream().map(it -> it.row().title()).collect(Collectors.toSet());
    return all.stream()
        .map(it -> read(it, here))
        .sorted(
            Comparator.comparing((Read it) -> it.dance().level().level())
                .thenComparingInt(it -> it.dance().dance().main().counts())
                .thenComparing(it -> it.dance().dance().title()))
        .toList();
  }

  private Read read(Starter starter, Set<String> here) {
    ReadDance dance = reader.read(starter.stepText());
    return new Read(starter, dance, here.contains(dance.dance().title()));
  }

  /**
   * Takes some of them; what the club has already is not taken twice.
   *
   * @return how many came
   */
  @Transactional
  int take(Set<String> files, SignedIn me) {
    List<Read> wanted = all().stream().filter(it -> files.contains(it.starter().file())).toList();
    if (wanted.size() < files.size()) {
      throw Problem.gone("There is no such dance in the starter set.");
    }
    List<Read> fresh = wanted.stream().filter(Predicate.not(Read::here)).toList();
    fresh.forEach(it -> dances.add(it.starter().stepText(), me));
    return fresh.size();
  }
}
