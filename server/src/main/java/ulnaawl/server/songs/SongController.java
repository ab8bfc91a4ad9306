package ulnaawl.server.songs;

import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.formats.SongCsv;
import ulnaawl.formats.SongM3u;
import ulnaawl.formats.SongXspf;
import ulnaawl.music.ListedSong;
import ulnaawl.music.TapTempo;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Audit;
import ulnaawl.server.history.BringBack;
import ulnaawl.server.platform.KeepAnswer;
import ulnaawl.server.songs.SongShapes.SongCard;
import ulnaawl.server.songs.SongShapes.SongDraft;
import ulnaawl.server.songs.SongShapes.SongFile;
import ulnaawl.server.songs.SongShapes.SongReading;
import ulnaawl.server.songs.SongShapes.SongToCheck;
import ulnaawl.server.songs.SongShapes.TapView;
import ulnaawl.server.songs.SongShapes.Taps;

/** The list of songs. */
@RestController
@RequestMapping("/api/songs")
@RequiredArgsConstructor
class SongController {

  private final SongService songs;
  private final Audit audit;

  @GetMapping
  @KeepAnswer
  List<SongCard> all() {
    return songs.all().stream().map(SongCard::of).toList();
  }

  @GetMapping("/{id}")
  @KeepAnswer
  SongCard song(@PathVariable long id) {
    return SongCard.of(songs.get(id));
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  SongCard add(@Valid @RequestBody SongDraft draft, @AuthenticationPrincipal SignedIn me) {
    return SongCard.of(songs.add(draft.entry(), me));
  }

  @PutMapping("/{id}")
  SongCard change(
      @PathVariable long id,
      @Valid @RequestBody SongDraft draft,
      @AuthenticationPrincipal SignedIn me) {
    return SongCard.of(songs.change(id, draft.version(), draft.entry(), me));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void archive(
      @PathVariable long id, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    songs.archive(id, version, me);
  }

  /** Brings an earlier version back; a removed song comes back with it. */
  @PostMapping("/{id}/bring-back")
  SongCard bringBack(
      @PathVariable long id,
      @Valid @RequestBody BringBack wanted,
      @AuthenticationPrincipal SignedIn me) {
    return SongCard.of(songs.bringBack(id, wanted.version(), wanted.to(), me));
  }

  @PostMapping("/import")
  SongImport take(@Valid @RequestBody SongFile file, @AuthenticationPrincipal SignedIn me) {
    return songs.importList(file.text(), file.doIt(), me);
  }

  @GetMapping(value = "/export/csv", produces = "text/csv")
  ResponseEntity<byte[]> csv(@AuthenticationPrincipal SignedIn me) {
    audit.exported(me.person(), "the songs, as a table");
    // The mark tells spreadsheets that this is UTF-8.
    return download("songs.csv", "\uFEFF" + SongCsv.write(list()));
  }

  @GetMapping(value = "/export/xspf", produces = "application/xspf+xml")
  ResponseEntity<byte[]> xspf(@AuthenticationPrincipal SignedIn me) {
    audit.exported(me.person(), "the songs, as a playlist");
    return download("songs.xspf", SongXspf.write("Songs", list()));
  }

  @GetMapping(value = "/export/m3u", produces = "audio/x-mpegurl")
  ResponseEntity<byte[]> m3u(@AuthenticationPrincipal SignedIn me) {
    audit.exported(me.person(), "the songs, as a playlist");
    return download("songs.m3u8", SongM3u.write(list()));
  }

  @PostMapping("/taps")
  TapView taps(@Valid @RequestBody Taps taps) {
    List<Long> millis = taps.millis().stream().sorted().toList();
    return TapTempo.of(millis)
        .map(read -> TapView.of(read, taps.rate(read)))
        .orElseGet(() -> TapView.none(millis));
  }

  /** What an entry says so far, while it is typed; nothing is kept. */
  @PostMapping("/check")
  SongReading check(@Valid @RequestBody SongToCheck check) {
    return SongReading.of(check);
  }

  private List<ListedSong> list() {
    return songs.all().stream().map(SongRow::song).toList();
  }

  private static ResponseEntity<byte[]> download(String name, String text) {
    ContentDisposition attached = ContentDisposition.attachment().filename(name).build();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, attached.toString())
        .body(text.getBytes(StandardCharsets.UTF_8));
  }
}
