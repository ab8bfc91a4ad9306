package ulnaawl.server.http;

import java.util.Map;
import lombok.RequiredArgsConstructor;
import ulnaawl.formats.json.ListFile;

/**
 * What a request's body may be by who sends it and where to: strangers send names and passwords,
 * colleagues texts and lists, and files go to few addresses. By the time it is asked, the table of
 * access has been.
 */
@RequiredArgsConstructor
enum BodyKind {
  /** Without an account: a hall full of phones at one address votes at once. */
  STRANGERS(256, 2, 8),
  /** Somebody signed in, or their program. */
  PEOPLES(64, 4, 24),
  /** A sheet, a bundle, a whole club. */
  FILES(2, 24, 32);

  private static final int MB = 1024 * 1024;

  /** Bytes of what a stranger sends. */
  private static final int MOST_OF_STRANGER = 16 * 1024;

  /** Bytes of any other body: room for the longest step text and some. */
  private static final int MOST_OF_PERSON = 512 * 1024;

  private static final Map<String, Integer> MOST_OF_FILE =
      Map.of(
          "/api/sheets/file", 4 * MB,
          "/api/imports", 16 * MB,
          "/api/imports/look", 16 * MB,
          "/api/club/file", ListFile.MOST_BYTES,
          "/api/club/file/look", ListFile.MOST_BYTES);

  /** Bodies of one sender, megabytes of one sender, megabytes of all. */
  private final int mostOfOne;

  private final int megabytesOfOne;
  private final int megabytes;

  /** None of this kind is here yet. */
  BodiesUnderway begin() {
    return new BodiesUnderway(mostOfOne, (long) megabytesOfOne * MB, (long) megabytes * MB);
  }

  static BodyKind of(boolean isStranger, String path) {
    if (isStranger) {
      return STRANGERS;
    }
    return MOST_OF_FILE.containsKey(path) ? FILES : PEOPLES;
  }

  /** The most bytes of one at an address. */
  int most(String path) {
    return switch (this) {
      case STRANGERS -> MOST_OF_STRANGER;
      case PEOPLES -> MOST_OF_PERSON;
      case FILES -> MOST_OF_FILE.getOrDefault(path, MOST_OF_PERSON);
    };
  }

  String tooMuch() {
    return switch (this) {
      case STRANGERS ->
          "This is more than anybody sends who is not signed in: 16 KB. Sign in first.";
      case PEOPLES, FILES ->
          "This is more than is read at once: 64 KB of text for a dance, 500 KB for a list of"
              + " songs, 4 MB for the file of a sheet, 12 MB for all files of an import,"
              + " 24 MB for a whole club.";
    };
  }
}
