package ulnaawl.server.access;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ulnaawl.text.DataFile;

/** The four roles that every club has, as {@code roles.txt} says them. */
public final class BuiltInRoles {

  private static final List<Role> ALL =
      DataFile.rows(BuiltInRoles.class, "roles.txt").stream().map(BuiltInRoles::role).toList();
  private static final Map<String, Role> BY_CODE =
      ALL.stream().collect(Collectors.toUnmodifiableMap(Role::code, it -> it));

  /** Everything. A club has at least one of them. */
  public static final Role OWNER = of("OWNER").orElseThrow();

  public static final Role INSTRUCTOR = of("INSTRUCTOR").orElseThrow();
  public static final Role CO_INSTRUCTOR = of("CO_INSTRUCTOR").orElseThrow();

  /** Reads, and nothing else. */
  public static final Role VIEWER = of("VIEWER").orElseThrow();

  private BuiltInRoles() {}

  private static Role role(List<String> row) {
    return new Role(
        row.get(0),
        row.get(1),
        row.get(2),
        Stream.of(row.get(3).split(" "))
            .map(Ability::valueOf)
            .collect(Collectors.toUnmodifiableSet()));
  }

  /** The one with a code; empty where it is one of a club's own. */
  public static Optional<Role> of(String code) {
    return Optional.ofNullable(BY_CODE.get(code));
  }

  /** All of them, whoever may most first. */
  public static List<Role> all() {
    return ALL;
  }
}
