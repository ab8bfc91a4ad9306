package ulnaawl.server.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** What this release of the program knows of databases. */
public final class Release {

  private static final String CHANGES = "classpath*:db/migration/V*";
  private static final Pattern NUMBER = Pattern.compile("V(\\d+)__.*");

  private Release() {}

  /** The number of the newest change of tables that this release makes; from 1. */
  public static int schema() {
    try {
      return Arrays.stream(new PathMatchingResourcePatternResolver().getResources(CHANGES))
          .mapToInt(Release::number)
          .max()
          .orElseThrow();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static int number(Resource change) {
    Matcher name = NUMBER.matcher(String.valueOf(change.getFilename()));
    if (!name.matches()) {
      throw new IllegalStateException("A change of tables without a number: " + change);
    }
    return Integer.parseInt(name.group(1));
  }
}
