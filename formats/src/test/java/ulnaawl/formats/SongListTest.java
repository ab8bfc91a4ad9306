package ulnaawl.formats;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.longs;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.thaiopensource.util.PropertyMapBuilder;
import com.thaiopensource.validate.ValidateProperty;
import com.thaiopensource.validate.ValidationDriver;
import com.thaiopensource.validate.rng.CompactSchemaReader;
import java.io.InputStream;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.testng.annotations.Test;
import org.xml.sax.ErrorHandler;
import org.xml.sax.InputSource;
import org.xml.sax.SAXParseException;
import ulnaawl.music.CountRate;
import ulnaawl.music.ListedSong;
import ulnaawl.music.Meter;
import ulnaawl.music.Song;
import ulnaawl.music.SongPhrases;
import ulnaawl.music.Tempo;

/** Song lists as files: CSV by RFC 4180, playlists by the rules of XSPF version 1. */
public class SongListTest {

  private static final String[] WORDS = {
    "Kettle",
    "=SUM(A1)",
    "a, b",
    "\"Quoted\"",
    "+1",
    "@home",
    "Ünïcødé 漢",
    "<b>&amp;",
    "-",
    "'t Huis",
    "a;b",
    "'=x"
  };

  private static ListedSong random(Random random) {
    String title =
        WORDS[random.nextInt(WORDS.length)]
            + (random.nextBoolean() ? " " + random.nextInt(99) : "");
    Optional<String> artist =
        random.nextBoolean() ? Optional.of(WORDS[random.nextInt(WORDS.length)]) : Optional.empty();
    Optional<Tempo> bpm =
        random.nextBoolean()
            ? Optional.of(new Tempo(20_000 + random.nextInt(380_000)))
            : Optional.empty();
    OptionalInt seconds =
        random.nextBoolean() ? OptionalInt.of(1 + random.nextInt(7200)) : OptionalInt.empty();
    CountRate rate = CountRate.values()[random.nextInt(3)];
    List<Integer> phrases = new ArrayList<>();
    for (int i = random.nextInt(9); i > 0; i--) {
      phrases.add(8 * (1 + random.nextInt(6)));
    }
    return new ListedSong(
        new Song(title, artist, bpm, seconds, rate),
        random.nextBoolean() ? OptionalInt.of(random.nextInt(99)) : OptionalInt.empty(),
        random.nextBoolean() ? Meter.FOUR : Meter.THREE,
        random.nextBoolean() ? Optional.of("two-step") : Optional.empty(),
        new SongPhrases(phrases),
        random.nextBoolean() ? Optional.of("disc 4, \"Winter\"") : Optional.empty(),
        random.nextBoolean());
  }

  private static List<ListedSong> list(long seed) {
    Random random = new Random(seed);
    List<ListedSong> songs = new ArrayList<>();
    for (int i = 0; i <= random.nextInt(6); i++) {
      songs.add(random(random));
    }
    return songs;
  }

  private static List<ListedSong> songs(SongList read) {
    assertEquals(read.faults(), List.of());
    return read.songs().stream().map(SongList.Entry::song).toList();
  }

  @Test
  public void csvReadsBackAndHoldsNoFormula() {
    qt().forAll(longs().all())
        .checkAssert(seed -> {
          String csv = SongCsv.write(list(seed));
          assertEquals(songs(SongCsv.read(csv)), list(seed));
          assertFalse(csv.lines().anyMatch(line -> line.matches("[=+@-].*|.*,\"?[=+@-].*")), csv);
        });
  }

  @Test
  public void playlistsReadBackAndKeepTheRules() {
    qt().withExamples(200)
        .forAll(longs().all())
        .checkAssert(seed -> {
          String xspf = SongXspf.write("Songs & more", list(seed));
          assertEquals(songs(SongXspf.read(xspf)), list(seed));
          assertEquals(breaches(xspf), List.of(), xspf);
        });
  }

  /** The check itself can fail: what the specification does not allow is found. */
  @Test
  public void theRulesAreReallyHeld() {
    String wrong =
        "<playlist version='1' xmlns='http://xspf.org/ns/0/'><trackList><track><bpm>112</bpm>"
            + "<duration>3:10</duration></track></trackList></playlist>";
    assertTrue(breaches(wrong).size() >= 2, breaches(wrong).toString());
  }

  private static List<String> breaches(String xml) {
    List<String> breaches = new ArrayList<>();
    ErrorHandler collect =
        new ErrorHandler() {
          @Override
          public void warning(SAXParseException e) {
            breaches.add(e.getMessage());
          }

          @Override
          public void error(SAXParseException e) {
            breaches.add(e.getMessage());
          }

          @Override
          public void fatalError(SAXParseException e) {
            breaches.add(e.getMessage());
          }
        };
    PropertyMapBuilder properties = new PropertyMapBuilder();
    properties.put(ValidateProperty.ERROR_HANDLER, collect);
    ValidationDriver driver =
        new ValidationDriver(properties.toPropertyMap(), CompactSchemaReader.getInstance());
    try (InputStream schema =
        Objects.requireNonNull(SongListTest.class.getResourceAsStream("/xspf-1.rnc"))) {
      assertTrue(driver.loadSchema(new InputSource(schema)), breaches.toString());
      driver.validate(new InputSource(new StringReader(xml)));
    } catch (Exception e) {
      breaches.add(e.toString());
    }
    return breaches;
  }

  @Test
  public void aSpreadsheetsListIsRead() {
    SongList read =
        SongCsv.read(
            "\uFEFFTitle;BPM;Length;Room\r\nKettle On;104,5;2:48;x\r\n\r\nBad;fast;3:99;\r\n;;;\r\n"
                + "\"Two\r\nLines\";;;\r\nLast;96;;\r\n");
    assertEquals(read.songs().stream().map(SongList.Entry::line).toList(), List.of(2, 8));
    assertEquals(read.songs().getFirst().song().song().bpm(), Optional.of(new Tempo(104_500)));
    List<String> faults =
        read.faults().stream()
            .map(it -> it.line() + " " + it.title() + ": " + it.message())
            .toList();
    assertEquals(faults.size(), 3, faults.toString());
    assertTrue(faults.get(0).startsWith("4 Bad: bpm 'fast'"), faults.toString());
    assertTrue(faults.get(1).startsWith("4 Bad: length '3:99'"), faults.toString());
    assertTrue(faults.get(2).startsWith("6 "), faults.toString());
  }

  @Test
  public void anotherProgramsPlaylistIsRead() {
    SongList read =
        SongXspf.read(
            """
            <?xml version="1.0" encoding="UTF-8"?>
            <playlist version="1" xmlns="http://xspf.org/ns/0/">
              <title>Tuesday</title>
              <trackList>
                <track><location>file:///music/Kettle%20On.mp3</location><title>Kettle On</title>
                  <creator>Bramble &amp; Daughters</creator><duration>168400</duration>
                  <extension application="urn:x"><title>not this</title></extension></track>
                <track><location>file:///music/No%20Name.ogg</location></track>
                <track/>
              </trackList>
            </playlist>
            """);
    assertEquals(read.songs().size(), 2);
    ListedSong kettle = read.songs().getFirst().song();
    assertEquals(kettle.song().title(), "Kettle On");
    assertEquals(kettle.song().artist(), Optional.of("Bramble & Daughters"));
    assertEquals(kettle.song().lengthSeconds(), OptionalInt.of(168));
    assertEquals(kettle.location(), Optional.of("Kettle On.mp3"));
    assertEquals(read.songs().get(1).song().song().title(), "No Name");
    assertEquals(read.faults().size(), 1);
  }

  @Test
  public void whatIsNoListIsSaidAndFetchesNothing() {
    assertTrue(SongCsv.read("").faults().getFirst().message().contains("no song"));
    assertTrue(SongCsv.read("name,artist\nx,y\n").faults().getFirst().message().contains("title"));
    assertFalse(SongCsv.read("title\n\"open\n").faults().isEmpty());
    assertFalse(SongXspf.read("title,artist").faults().isEmpty());
    String bomb =
        "<!DOCTYPE p [<!ENTITY a SYSTEM 'file:///etc/hostname'>]><playlist><trackList><track><title>"
            + "&a;</title></track></trackList></playlist>";
    SongList read = SongXspf.read(bomb);
    assertTrue(read.songs().isEmpty(), read.toString());
    assertFalse(read.faults().isEmpty());
  }
}
