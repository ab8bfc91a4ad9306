package ulnaawl.server.clubfile;

import java.util.List;
import java.util.Locale;
import lombok.RequiredArgsConstructor;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.formats.json.Fault;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Audit;
import ulnaawl.server.platform.Today;

/** The whole club as one file. */
@RestController
@RequestMapping("/api/club")
@RequiredArgsConstructor
class ClubFileController {

  private final ClubFiles files;
  private final ClubSchema schema;
  private final Audit audit;
  private final Today today;

  /** Whether there is a club here yet: anything besides who set it up. */
  record ClubNow(boolean empty) {}

  /** A list of a file with how many rows it has. */
  record ListRows(String list, String about, int rows) {}

  /** What cannot be taken, and where it is. */
  record FileFault(String place, String what) {
    static FileFault of(Fault fault) {
      return new FileFault(fault.place(), fault.what());
    }
  }

  /**
   * What a file would bring.
   *
   * @param made when it was made, in universal time
   * @param owners who owns the club in it
   * @param earlier whether an earlier release wrote it; it is brought up to date as it comes in
   * @param faults why it cannot be taken; nothing where it can
   */
  record FileLook(
      String made,
      List<String> owners,
      List<ListRows> lists,
      boolean earlier,
      List<FileFault> faults) {}

  @GetMapping
  ClubNow now() {
    return new ClubNow(files.isEmptyHere());
  }

  /** The whole club, but passwords and links. */
  @GetMapping("/file")
  ResponseEntity<byte[]> file(@AuthenticationPrincipal SignedIn me) {
    byte[] file = files.write();
    audit.exported(me.person(), "the club's file");
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename("club-" + today.date() + ".json")
                .build()
                .toString())
        .header(HttpHeaders.CACHE_CONTROL, "no-store")
        .body(file);
  }

  /** What a file would bring, tried out and not kept. */
  @PostMapping("/file/look")
  FileLook look(@RequestBody byte[] file, @AuthenticationPrincipal SignedIn me) {
    ClubFiles.Look look = files.look(file, me);
    List<ListRows> lists =
        files.lists().stream()
            .map(it ->
                new ListRows(
                    inWords(it.name()), it.about(), look.rows().getOrDefault(it.name(), 0)))
            .filter(it -> it.rows() > 0)
            .toList();
    return new FileLook(
        look.made(),
        look.owners(),
        lists,
        look.earlier(),
        look.faults().stream().map(FileFault::of).toList());
  }

  private static String inWords(String list) {
    return list.replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT);
  }

  /** Takes a file; whoever did it signs in again. */
  @PostMapping("/file")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void take(@RequestBody byte[] file, @AuthenticationPrincipal SignedIn me) {
    files.take(file, me);
  }

  /** What a club's file looks like: a JSON Schema, 2020-12. */
  @GetMapping(value = "/schema", produces = "application/schema+json")
  String schema() {
    return schema.whole().toPrettyString();
  }
}
