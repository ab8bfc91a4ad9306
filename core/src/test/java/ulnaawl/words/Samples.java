package ulnaawl.words;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ulnaawl.dance.SectionSet;
import ulnaawl.floor.Facing;
import ulnaawl.music.Tempo;
import ulnaawl.people.PersonId;

/**
 * Values of every record of a sealed family, with each of their components in several values: none,
 * one, many. A family that grows is covered without a word here.
 */
final class Samples {

  private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

  private Samples() {}

  /** Values of every kind of a family; each component takes each of its values once. */
  static <T> List<T> of(Class<T> family) {
    return leaves(family).flatMap(type -> values(type).stream()).map(family::cast).toList();
  }

  /** The records at the ends of a sealed family. */
  static Stream<Class<?>> leaves(Class<?> family) {
    return family.isSealed()
        ? Arrays.stream(family.getPermittedSubclasses()).flatMap(Samples::leaves)
        : Stream.of(family);
  }

  private static List<?> values(Type type) {
    if (type instanceof ParameterizedType generic) {
      List<?> inner = values(generic.getActualTypeArguments()[0]);
      return generic.getRawType() == Optional.class
          ? Stream.concat(Stream.of(Optional.empty()), inner.stream().map(Optional::of)).toList()
          : List.of(List.of(), inner.subList(0, 1), inner.subList(0, Math.min(3, inner.size())));
    }
    if (type instanceof Class<?> plain) {
      return known(plain);
    }
    throw new AssertionError("No sample of " + type);
  }

  private static List<?> known(Class<?> type) {
    if (type == int.class || type == Integer.class) {
      return List.of(1, 2, 17);
    } else if (type == OptionalInt.class) {
      return List.of(OptionalInt.empty(), OptionalInt.of(1), OptionalInt.of(17));
    } else if (type == boolean.class) {
      return List.of(true, false);
    } else if (type == String.class) {
      return List.of("vine", "jazz box");
    } else if (type == LocalDate.class) {
      return List.of(DAY, DAY.minusDays(1), DAY.plusDays(9));
    } else if (type == PersonId.class) {
      return List.of(new PersonId(1), new PersonId(2));
    } else if (type == SectionSet.class) {
      return List.of(SectionSet.upTo(1), SectionSet.of(List.of(1, 2, 3, 5)));
    } else if (type == Facing.class) {
      return IntStream.range(0, 8).mapToObj(Facing::new).toList();
    } else if (type == Tempo.class) {
      return List.of(Tempo.ofBpm(96), Tempo.ofBpm(128));
    } else if (type.isEnum()) {
      return Arrays.asList(type.getEnumConstants());
    } else if (type.isSealed()) {
      return leaves(type).flatMap(leaf -> known(leaf).stream()).toList();
    } else if (type.isRecord()) {
      return records(type);
    }
    throw new AssertionError("No sample of " + type);
  }

  /** As many as its component with the most values has; the others go round. */
  private static List<Object> records(Class<?> type) {
    RecordComponent[] components = type.getRecordComponents();
    List<List<?>> choices =
        Arrays.stream(components).<List<?>>map(it -> values(it.getGenericType())).toList();
    int most = choices.stream().mapToInt(List::size).max().orElse(1);
    List<Object> made = new ArrayList<>();
    for (int i = 0; i < most; i++) {
      int at = i;
      Object[] arguments = choices.stream().map(it -> (Object) it.get(at % it.size())).toArray();
      make(type, components, arguments).ifPresent(made::add);
    }
    if (made.isEmpty()) {
      throw new AssertionError("No values make a " + type);
    }
    return made;
  }

  /** Nothing where the values do not go together: the type says so itself. */
  private static Optional<Object> make(
      Class<?> type, RecordComponent[] components, Object[] arguments) {
    try {
      Constructor<?> constructor =
          type.getDeclaredConstructor(
              Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new));
      constructor.setAccessible(true);
      return Optional.of(constructor.newInstance(arguments));
    } catch (InvocationTargetException refused) {
      if (refused.getCause() instanceof IllegalArgumentException) {
        return Optional.empty();
      }
      throw new AssertionError(type + Arrays.toString(arguments), refused);
    } catch (ReflectiveOperationException e) {
      throw new LinkageError(type.toString(), e);
    }
  }
}
