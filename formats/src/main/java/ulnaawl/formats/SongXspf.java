package ulnaawl.formats;

import java.io.StringReader;
import java.io.StringWriter;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;
import ulnaawl.music.ListedSong;
import ulnaawl.music.SongEntry;
import ulnaawl.music.SongField;

/**
 * The song list as a playlist (XSPF version 1, "XML Shareable Playlist Format"). What the format
 * has no element for stands in {@code meta} elements under names of our own.
 */
public final class SongXspf {

  private static final String NAMESPACE = "http://xspf.org/ns/0/";

  /** A tag URI (RFC 4151) before the name of a field. */
  private static final String META = "tag:ulna-awl.example,2026:";

  private SongXspf() {}

  /** Writes a playlist. */
  public static String write(String title, List<ListedSong> songs) {
    StringWriter text = new StringWriter();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
      xml.writeStartDocument("UTF-8", "1.0");
      line(xml, 0);
      xml.writeStartElement("playlist");
      xml.writeDefaultNamespace(NAMESPACE);
      xml.writeAttribute("version", "1");
      element(xml, 1, "title", title);
      line(xml, 1);
      xml.writeStartElement("trackList");
      for (ListedSong song : songs) {
        track(xml, song);
      }
      line(xml, 1);
      xml.writeEndElement();
      line(xml, 0);
      xml.writeEndElement();
      xml.writeEndDocument();
      xml.close();
    } catch (XMLStreamException e) {
      throw new IllegalStateException(e);
    }
    return text.append('\n').toString();
  }

  private static void track(XMLStreamWriter xml, ListedSong song) throws XMLStreamException {
    SongEntry words = SongEntry.of(song);
    line(xml, 2);
    xml.writeStartElement("track");
    element(xml, 3, "title", words.get(SongField.TITLE));
    if (song.song().artist().isPresent()) {
      element(xml, 3, "creator", words.get(SongField.ARTIST));
    }
    if (song.song().lengthSeconds().isPresent()) {
      long millis = song.song().lengthSeconds().getAsInt() * 1000L;
      element(xml, 3, "duration", String.valueOf(millis));
    }
    for (SongField field : SongField.values()) {
      boolean own =
          field == SongField.TITLE || field == SongField.ARTIST || field == SongField.LENGTH;
      if (!own && !words.get(field).isEmpty()) {
        line(xml, 3);
        xml.writeStartElement("meta");
        xml.writeAttribute("rel", META + field.label().replace(' ', '-'));
        xml.writeCharacters(clean(words.get(field)));
        xml.writeEndElement();
      }
    }
    line(xml, 2);
    xml.writeEndElement();
  }

  private static void element(XMLStreamWriter xml, int depth, String name, String text)
      throws XMLStreamException {
    line(xml, depth);
    xml.writeStartElement(name);
    xml.writeCharacters(clean(text));
    xml.writeEndElement();
  }

  private static void line(XMLStreamWriter xml, int depth) throws XMLStreamException {
    xml.writeCharacters("\n" + "  ".repeat(depth));
  }

  /** Without the characters that XML has no place for. */
  private static String clean(String text) {
    return text.codePoints()
        .filter(it -> it >= ' ' && it != 0xFFFE && it != 0xFFFF && !(it >= 0xD800 && it <= 0xDFFF))
        .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
        .toString();
  }

  /**
   * Reads a playlist of any program: titles, creators and durations, and what we wrote ourselves.
   */
  public static SongList read(String text) {
    Reading reading = new Reading();
    try {
      XMLStreamReader xml = safe().createXMLStreamReader(new StringReader(text.strip()));
      reading.all(xml);
      xml.close();
    } catch (XMLStreamException e) {
      int line = e.getLocation() == null ? 0 : Math.max(0, e.getLocation().getLineNumber());
      reading.faults.add(
          new SongList.Fault(
              line,
              "",
              "From here on this is not a playlist that can be read: the XML is broken."));
    }
    if (reading.songs.isEmpty() && reading.faults.isEmpty()) {
      reading.faults.add(
          new SongList.Fault(0, "", "There is no track in this file; an XSPF playlist has some."));
    }
    return new SongList(reading.songs, reading.faults);
  }

  /** Nothing outside the file is fetched, and no entity of its own is put in. */
  private static XMLInputFactory safe() {
    XMLInputFactory factory = XMLInputFactory.newFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLInputFactory.IS_COALESCING, true);
    return factory;
  }

  /** One pass over a playlist. */
  private static final class Reading {
    private final List<SongList.Entry> songs = new ArrayList<>();
    private final List<SongList.Fault> faults = new ArrayList<>();
    private final Map<SongField, String> words = new EnumMap<>(SongField.class);
    private final StringBuilder characters = new StringBuilder();
    private boolean inTrack;
    private int depth;
    private int line;
    private String rel = "";

    void all(XMLStreamReader xml) throws XMLStreamException {
      while (xml.hasNext() && songs.size() < SongList.MOST) {
        switch (xml.next()) {
          case XMLStreamConstants.START_ELEMENT -> start(xml);
          case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA ->
              characters.append(xml.getText());
          case XMLStreamConstants.END_ELEMENT -> end(xml.getLocalName());
          default -> {
            // Remarks and instructions say nothing of songs.
          }
        }
      }
      if (xml.hasNext() && songs.size() >= SongList.MOST) {
        faults.add(SongCsv.tooMany(xml.getLocation().getLineNumber()));
      }
    }

    private void start(XMLStreamReader xml) {
      characters.setLength(0);
      if (inTrack) {
        depth++;
      } else if (xml.getLocalName().equals("track")) {
        inTrack = true;
        depth = 0;
        line = xml.getLocation().getLineNumber();
        words.clear();
      }
      String own = xml.getAttributeValue(null, "rel");
      rel = own == null ? "" : own;
    }

    private void end(String name) {
      if (!inTrack) {
        return;
      }
      if (depth == 0) {
        inTrack = false;
        finish();
      } else if (depth == 1) {
        take(name, characters.toString().replaceAll("\\s+", " ").strip());
      }
      depth--;
    }

    private void take(String name, String text) {
      switch (name) {
        case "title" -> words.put(SongField.TITLE, text);
        case "creator" -> words.put(SongField.ARTIST, text);
        case "duration" -> {
          if (text.matches("\\d{1,8}")) {
            // Half a second and more is a second, as players show it.
            long seconds = (Long.parseLong(text) + 500) / 1000;
            if (seconds > 0) {
              words.put(SongField.LENGTH, String.valueOf(seconds));
            }
          }
        }
        case "location" -> words.putIfAbsent(SongField.LOCATION, fileName(text));
        case "meta" -> {
          if (rel.startsWith(META)) {
            String field = rel.substring(META.length()).replace('-', ' ');
            SongField.named(field).ifPresent(it -> words.put(it, text));
          }
        }
        default -> {
          // Pictures, licences and the like are not kept.
        }
      }
    }

    private static String fileName(String location) {
      String last = location.substring(location.lastIndexOf('/') + 1);
      String name;
      try {
        name = URLDecoder.decode(last.replace("+", "%2B"), StandardCharsets.UTF_8);
      } catch (IllegalArgumentException e) {
        name = last;
      }
      int longest = SongField.LOCATION.longest();
      return name.length() > longest ? name.substring(0, longest) : name;
    }

    private void finish() {
      if (words.getOrDefault(SongField.TITLE, "").isBlank()) {
        // A player names a track without a title by its file.
        String file = words.getOrDefault(SongField.LOCATION, "").replaceFirst("\\.\\w{1,5}$", "");
        words.put(SongField.TITLE, file);
      }
      SongEntry written = new SongEntry(words);
      SongEntry.Read read = written.read();
      read.song().ifPresent(song -> songs.add(new SongList.Entry(line, song)));
      for (SongEntry.Fault fault : read.faults()) {
        String said = fault.field().label() + " '" + SongCsv.shown(written.get(fault.field()));
        faults.add(
            new SongList.Fault(
                line, SongCsv.shown(written.get(SongField.TITLE)), said + "': " + fault.message()));
      }
    }
  }
}
