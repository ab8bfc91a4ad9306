package ulnaawl.server.listing;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ulnaawl.figure.Level;
import ulnaawl.music.Pace;
import ulnaawl.server.dances.CatalogDance;
import ulnaawl.words.Speech;

/**
 * What a list of dances is narrowed to; an empty value means any.
 *
 * @param words each of them stands somewhere in what the list says of a dance
 * @param level the measured one
 * @param group number of a group that has met it
 */
record ListFilter(
    String words,
    Optional<Level> level,
    Optional<Integer> counts,
    Optional<Integer> walls,
    Optional<String> figure,
    Optional<Pace> pace,
    Optional<String> style,
    Optional<Long> group) {

  boolean takes(CatalogDance dance, List<Known> known, Speech speech) {
    CatalogDance.Listing said = dance.listing();
    return fits(level, dance.facts().level())
        && fits(counts, dance.facts().counts())
        && fits(walls, said.walls())
        && (pace.isEmpty() || pace.equals(said.pace()))
        && (style.isEmpty() || style.equals(said.style()))
        && (figure.isEmpty() || said.figures().contains(figure.get()))
        && (group.isEmpty() || known.stream().anyMatch(one -> one.group() == group.get()))
        && hasWords(dance, known, speech);
  }

  private static <T> boolean fits(Optional<T> wanted, T has) {
    return wanted.isEmpty() || wanted.get().equals(has);
  }

  private boolean hasWords(CatalogDance dance, List<Known> known, Speech speech) {
    List<String> wanted =
        Arrays.stream(words.toLowerCase(Locale.ROOT).split("\\s+"))
            .filter(word -> !word.isEmpty())
            .toList();
    if (wanted.isEmpty()) {
      return true;
    }
    String text = text(dance, known, speech);
    return wanted.stream().allMatch(text::contains);
  }

  private static String text(CatalogDance dance, List<Known> known, Speech speech) {
    CatalogDance.Listing said = dance.listing();
    int walls = said.walls();
    Stream<String> facts =
        Stream.of(
            dance.row().title(),
            dance.facts().level().label(),
            dance.facts().counts() + " counts",
            walls + " walls " + walls + "-wall");
    Stream<String> stated =
        Stream.of(said.by(), said.song(), said.style()).flatMap(Optional::stream);
    Stream<String> groups =
        known.stream().map(one -> one.name() + " " + speech.learning().stage(one.stage()));
    return Stream.of(facts, stated, said.figures().stream(), groups)
        .flatMap(it -> it)
        .collect(Collectors.joining(" "))
        .toLowerCase(Locale.ROOT);
  }
}
