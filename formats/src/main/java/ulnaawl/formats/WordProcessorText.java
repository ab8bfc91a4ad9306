package ulnaawl.formats;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import lombok.AccessLevel;
import lombok.RequiredArgsConstructor;

/**
 * The text of a word processor's file: Office Open XML (ECMA-376, {@code word/document.xml}) or
 * OpenDocument (ISO/IEC 26300, {@code content.xml}). Paragraphs become lines; the cells of a
 * table's row stand beside each other, parted by tabs.
 */
@RequiredArgsConstructor(access = AccessLevel.PRIVATE)
final class WordProcessorText {

  private static final int MOST_ENTRIES = 2000;
  private static final int MOST_UNPACKED = 32 * 1024 * 1024;

  /** What an element does to the text. */
  private enum Mark {
    PARAGRAPH,
    TAB,
    BREAK,
    SPACES,
    TEXT,
    ROW,
    CELL,
    SKIP
  }

  private static final Map<String, Mark> WORD =
      Map.ofEntries(
          Map.entry("p", Mark.PARAGRAPH),
          Map.entry("tab", Mark.TAB),
          Map.entry("br", Mark.BREAK),
          Map.entry("cr", Mark.BREAK),
          Map.entry("noBreakHyphen", Mark.TEXT),
          Map.entry("t", Mark.TEXT),
          Map.entry("tr", Mark.ROW),
          Map.entry("tc", Mark.CELL),
          Map.entry("pPr", Mark.SKIP),
          Map.entry("rPr", Mark.SKIP),
          Map.entry("del", Mark.SKIP),
          Map.entry("Fallback", Mark.SKIP));
  private static final Map<String, Mark> OPEN_DOCUMENT =
      Map.of(
          "p", Mark.PARAGRAPH,
          "h", Mark.PARAGRAPH,
          "tab", Mark.TAB,
          "line-break", Mark.BREAK,
          "s", Mark.SPACES,
          "table-row", Mark.ROW,
          "table-cell", Mark.CELL,
          "annotation", Mark.SKIP,
          "tracked-changes", Mark.SKIP);

  private final Map<String, Mark> marks;
  private final boolean textInParagraphs;
  private final StringBuilder text = new StringBuilder();
  private final Deque<List<String>> rows = new ArrayDeque<>();
  private final Deque<Integer> cells = new ArrayDeque<>();
  private int paragraphs;
  private int texts;

  static String of(byte[] bytes) throws IOException {
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
      int entries = 0;
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        if (++entries > MOST_ENTRIES) {
          throw new IOException("it holds more than " + MOST_ENTRIES + " files");
        }
        if (entry.getName().equals("word/document.xml")) {
          return new WordProcessorText(WORD, false).read(unpacked(zip));
        }
        if (entry.getName().equals("content.xml")) {
          return new WordProcessorText(OPEN_DOCUMENT, true).read(unpacked(zip));
        }
      }
    } catch (IllegalArgumentException damaged) {
      throw new IOException("it is damaged", damaged);
    }
    throw new IOException("it is packed, but no .docx or .odt file");
  }

  private static byte[] unpacked(InputStream entry) throws IOException {
    byte[] all = entry.readNBytes(MOST_UNPACKED + 1);
    if (all.length > MOST_UNPACKED) {
      throw new IOException("unpacked it is larger than " + MOST_UNPACKED / (1024 * 1024) + " MB");
    }
    return all;
  }

  private String read(byte[] xml) throws IOException {
    XMLInputFactory factory = XMLInputFactory.newInstance();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    try {
      XMLStreamReader reader = factory.createXMLStreamReader(new ByteArrayInputStream(xml));
      while (reader.hasNext() && text.length() < SheetFile.MOST_CHARACTERS) {
        switch (reader.next()) {
          case XMLStreamConstants.START_ELEMENT -> begin(reader);
          case XMLStreamConstants.END_ELEMENT -> end(reader.getLocalName());
          case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA ->
              characters(reader.getText());
          default -> {
            // Comments and instructions say nothing.
          }
        }
      }
      return text.toString();
    } catch (XMLStreamException damaged) {
      throw new IOException("it is damaged: its text cannot be found", damaged);
    }
  }

  private void characters(String signs) {
    if (textInParagraphs ? paragraphs > 0 : texts > 0) {
      text.append(signs.replaceAll("[\\r\\n\\t]+", " "));
    }
  }

  private void begin(XMLStreamReader reader) throws XMLStreamException {
    Mark mark = marks.get(reader.getLocalName());
    if (mark == null) {
      return;
    }
    switch (mark) {
      case PARAGRAPH -> paragraphs++;
      case TEXT -> {
        texts++;
        if (reader.getLocalName().equals("noBreakHyphen")) {
          text.append('-');
        }
      }
      case TAB -> text.append('\t');
      case BREAK -> text.append('\n');
      case SPACES -> text.append(' ');
      case ROW -> rows.push(new ArrayList<>());
      case CELL -> cells.push(text.length());
      case SKIP -> skip(reader);
    }
  }

  private static void skip(XMLStreamReader reader) throws XMLStreamException {
    int depth = 1;
    while (depth > 0 && reader.hasNext()) {
      int event = reader.next();
      depth += event == XMLStreamConstants.START_ELEMENT ? 1 : 0;
      depth -= event == XMLStreamConstants.END_ELEMENT ? 1 : 0;
    }
  }

  private void end(String name) {
    Mark mark = marks.get(name);
    if (mark == Mark.PARAGRAPH) {
      paragraphs--;
      text.append('\n');
    } else if (mark == Mark.TEXT) {
      texts--;
    } else if (mark == Mark.CELL && !cells.isEmpty()) {
      int from = cells.pop();
      String cell = text.substring(from).stripTrailing();
      text.setLength(from);
      if (rows.isEmpty()) {
        text.append(cell).append('\n');
      } else {
        rows.peek().add(cell);
      }
    } else if (mark == Mark.ROW && !rows.isEmpty()) {
      row(rows.pop());
    }
  }

  /** Cells with as many lines as one another are columns of lines; others follow each other. */
  private void row(List<String> cellsOfRow) {
    List<String> full = cellsOfRow.stream().filter(cell -> !cell.isBlank()).toList();
    List<String[]> lines = full.stream().map(cell -> cell.split("\n", -1)).toList();
    boolean columns =
        !lines.isEmpty() && lines.stream().allMatch(it -> it.length == lines.getFirst().length);
    if (!columns) {
      full.forEach(cell -> text.append(cell).append('\n'));
      return;
    }
    for (int i = 0; i < lines.getFirst().length; i++) {
      int line = i;
      text.append(String.join("\t", lines.stream().map(it -> it[line]).toList())).append('\n');
    }
  }
}
