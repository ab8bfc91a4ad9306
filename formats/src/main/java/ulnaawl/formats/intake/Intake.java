package ulnaawl.formats.intake;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipInputStream;
import ulnaawl.formats.SheetFile;
import ulnaawl.formats.SongCsv;
import ulnaawl.formats.SongM3u;
import ulnaawl.formats.SongXspf;
import ulnaawl.formats.intake.Content.Events;
import ulnaawl.formats.intake.Content.Refused;
import ulnaawl.formats.intake.Content.Rows;
import ulnaawl.formats.intake.Content.Songs;
import ulnaawl.formats.intake.Content.Words;
import ulnaawl.formats.table.ClubTable;
import ulnaawl.formats.table.Table;
import ulnaawl.formats.table.TableText;

/**
 * Tells what a file is by what stands in it. A zip file is taken apart, one deep; what it may hold
 * is bounded in number and in bytes as they come out of it, whatever it says of itself.
 */
public final class Intake {

  /** Files of one bundle. */
  public static final int MOST_FILES = 300;

  /** Bytes of all files of a bundle, unpacked. */
  public static final int MOST_UNPACKED = 24 * 1024 * 1024;

  /** Rows of one table. */
  public static final int MOST_ROWS = 5000;

  private static final int PIECE = 64 * 1024;

  /** What an office file has (ECMA-376; ISO/IEC 26300). */
  private static final List<String> OF_AN_OFFICE =
      List.of("[Content_Types].xml", "word/document.xml", "content.xml", "mimetype");

  private Intake() {}

  /** What a file holds: one part, or those of a bundle. */
  public static List<Part> read(String name, byte[] bytes) {
    try {
      return isBundle(bytes)
          ? unpacked(name, bytes)
          : List.of(new Part(name, content(name, bytes)));
    } catch (IOException e) {
      return List.of(new Part(name, refused(e)));
    }
  }

  private static Refused refused(IOException why) {
    return new Refused("This cannot be read: " + why.getMessage() + ".");
  }

  /** A zip file that is not a word processor's or a spreadsheet's, which are zip files too. */
  private static boolean isBundle(byte[] bytes) throws IOException {
    if (bytes.length < 4 || bytes[0] != 'P' || bytes[1] != 'K') {
      return false;
    }
    // What is in it stands at its end; whatever is in it, nothing is unpacked to know that.
    Path file = Files.createTempFile("bundle", ".zip");
    try {
      Files.write(file, bytes);
      try (ZipFile zip = new ZipFile(file.toFile())) {
        return OF_AN_OFFICE.stream().allMatch(it -> zip.getEntry(it) == null);
      }
    } catch (ZipException | IllegalArgumentException broken) {
      throw new IOException("it is a zip file that is broken", broken);
    } finally {
      Files.delete(file);
    }
  }

  private static List<Part> unpacked(String bundle, byte[] bytes) throws IOException {
    List<Part> parts = new ArrayList<>();
    int left = MOST_UNPACKED;
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        String name = shown(entry.getName());
        if (entry.isDirectory() || isHidden(name)) {
          continue;
        }
        if (parts.size() >= MOST_FILES) {
          parts.add(
              new Part(
                  bundle,
                  new Refused(
                      "Up to " + MOST_FILES + " files of a bundle are read; the rest is not.")));
          break;
        }
        byte[] file = unpacked(zip, Math.min(left, SheetFile.MOST_BYTES));
        if (file.length == 0 && left > 0 && zip.read() >= 0) {
          parts.add(
              new Part(bundle + ": " + name, new Refused("Unpacked it is larger than is read.")));
          break;
        }
        left -= file.length;
        parts.add(new Part(bundle + ": " + name, content(name, file)));
      }
    } catch (IllegalArgumentException strange) {
      throw new IOException("its names are in no known writing", strange);
    }
    if (parts.isEmpty()) {
      throw new IOException("there is no file in this bundle");
    }
    return parts;
  }

  /** The bytes of an entry; none, with some left in it, where it has more than may be. */
  private static byte[] unpacked(ZipInputStream zip, int most) throws IOException {
    java.io.ByteArrayOutputStream all = new java.io.ByteArrayOutputStream();
    byte[] piece = new byte[PIECE];
    for (int read = zip.read(piece); read >= 0; read = zip.read(piece)) {
      if (all.size() + read > most) {
        return new byte[0];
      }
      all.write(piece, 0, read);
    }
    return all.toByteArray();
  }

  /** What systems put beside the files they pack. */
  private static boolean isHidden(String name) {
    String last = name.substring(name.lastIndexOf('/') + 1);
    return last.startsWith(".") || name.startsWith("__MACOSX");
  }

  private static String shown(String name) {
    String clean = name.replaceAll("\\p{Cntrl}", "?");
    return clean.length() > 120 ? "…" + clean.substring(clean.length() - 119) : clean;
  }

  private static Content content(String name, byte[] bytes) {
    try {
      return content(name, SheetFile.text(bytes));
    } catch (IOException e) {
      return refused(e);
    }
  }

  private static Content content(String name, String text) {
    String first = text.stripLeading();
    if (first.isEmpty()) {
      return new Refused("There is nothing in it.");
    }
    if (first.regionMatches(true, 0, "BEGIN:VCALENDAR", 0, 15)) {
      return new Events(text);
    }
    if (SongM3u.is(first)) {
      return new Songs(SongM3u.read(text));
    }
    if (first.startsWith("<")) {
      return first.contains("<playlist")
          ? new Songs(SongXspf.read(text))
          : new Refused("This is no playlist (XSPF) and no other list that is known.");
    }
    if (first.startsWith("{")) {
      return new Refused(
          "This may be a club's file: it comes in whole, into a new installation, at First"
              + " evening.");
    }
    return table(name, text).orElseGet(() -> new Words(text));
  }

  private static Optional<Content> table(String name, String text) {
    Table table = TableText.read(text, MOST_ROWS + 1);
    Optional<ClubTable> kind = ClubTable.of(table);
    if (kind.isEmpty()) {
      String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
      boolean isTable = ending.equals("csv") || ending.equals("tsv");
      return isTable
          ? Optional.of(
              new Refused(
                  "Its first line has the columns of no list that is known; the handbook names"
                      + " them, in “Taking it along, and keeping it”."))
          : Optional.empty();
    }
    if (table.rows().size() > MOST_ROWS) {
      return Optional.of(
          new Refused("It has more than " + MOST_ROWS + " rows; part it into several files."));
    }
    if (table.isCut()) {
      return Optional.of(
          new Refused("A quotation mark is opened and not closed; mend that line first."));
    }
    return Optional.of(
        kind.get() == ClubTable.SONGS ? new Songs(SongCsv.of(table)) : new Rows(kind.get(), table));
  }
}
