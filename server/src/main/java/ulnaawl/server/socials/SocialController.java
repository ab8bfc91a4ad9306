package ulnaawl.server.socials;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
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
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.socials.SocialRow.Between;
import ulnaawl.server.socials.SocialRow.Guest;
import ulnaawl.server.socials.SocialRow.SongLine;
import ulnaawl.server.socials.SocialView.OrderView;
import ulnaawl.server.socials.SocialView.SocialCard;
import ulnaawl.server.socials.SocialView.SocialSheet;
import ulnaawl.social.Pause;
import ulnaawl.social.Played;

/** Socials, their orders, and how they go. */
@RestController
@RequestMapping("/api/socials")
@RequiredArgsConstructor
class SocialController {

  private static final int SHORTEST = 20;
  private static final int LONGEST = 480;
  private static final int MOST_SECONDS = 2 * LONGEST * 60;

  private final Socials socials;
  private final SocialSheets sheets;
  private final SetList setList;

  /** A group that comes, with how many. */
  record GuestForm(long group, @Min(1) @Max(500) int heads) {}

  /** What comes in between at about a minute; of a walk-in the minutes are 0. */
  record BetweenForm(
      @NotNull Pause.Kind kind, @Min(0) @Max(LONGEST) int at, @Min(0) @Max(120) int minutes) {}

  /**
   * A social to make or to change.
   *
   * @param version that is changed; 0 for a new one
   */
  record SocialForm(
      @NotBlank @Size(max = 60) String name,
      @NotNull LocalDate date,
      @NotNull LocalTime startsAt,
      @Min(SHORTEST) @Max(LONGEST) int minutes,
      @Min(3) @Max(120) int longestWait,
      boolean onlyListed,
      @NotNull @Size(max = 20) List<@Valid GuestForm> guests,
      @NotNull @Size(max = 12) List<@Valid BetweenForm> between,
      int version) {

    SocialRow row(long id) {
      return new SocialRow(
          id,
          name.strip(),
          date,
          startsAt,
          minutes,
          longestWait,
          onlyListed,
          version,
          false,
          guests.stream().map(it -> new Guest(it.group(), it.heads())).toList(),
          between.stream().map(it -> new Between(it.kind(), it.at(), it.minutes())).toList(),
          List.of());
    }
  }

  /**
   * A song of an order.
   *
   * @param other the second dance of a split floor
   */
  record SongForm(@NotNull Played.How how, long dance, @Nullable Long other, boolean stays) {
    SongLine line() {
      return new SongLine(how, dance, Optional.ofNullable(other), stays, OptionalInt.empty());
    }
  }

  /** Another order of what is to come. */
  record SongOrderForm(int version, @NotNull @Size(max = 200) List<@Valid SongForm> songs) {}

  /**
   * A song that is played now.
   *
   * @param begun seconds since the beginning
   */
  record PlayForm(
      int version, @NotNull @Valid SongForm song, @Min(0) @Max(MOST_SECONDS) int begun) {}

  @GetMapping
  List<SocialCard> all() {
    return socials.all().stream()
        .map(it ->
            new SocialCard(
                it.id(),
                it.name(),
                it.date(),
                it.startsAt(),
                it.guests().size(),
                it.songs().size()))
        .toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  SocialSheet make(@Valid @RequestBody SocialForm form, @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(socials.make(form.row(0), me));
  }

  @GetMapping("/{id}")
  SocialSheet social(@PathVariable long id) {
    return sheets.sheet(socials.get(id));
  }

  @PutMapping("/{id}")
  SocialSheet frame(
      @PathVariable long id,
      @Valid @RequestBody SocialForm form,
      @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(socials.frame(form.row(id), me));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void archive(
      @PathVariable long id, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    socials.archive(id, version, me);
  }

  /**
   * The best order of what is to come, to be looked at; nothing is changed.
   *
   * @param now seconds since the beginning; 0 before it
   */
  @PostMapping("/{id}/plan")
  OrderView plan(@PathVariable long id, @RequestParam(defaultValue = "0") int now) {
    if (now < 0 || now > MOST_SECONDS) {
      throw Problem.rejected("An evening goes on for up to " + LONGEST / 60 + " hours.");
    }
    return sheets.planned(socials.get(id), now);
  }

  @PutMapping("/{id}/order")
  SocialSheet order(
      @PathVariable long id,
      @Valid @RequestBody SongOrderForm form,
      @AuthenticationPrincipal SignedIn me) {
    List<SongLine> songs = form.songs().stream().map(SongForm::line).toList();
    return sheets.sheet(socials.order(id, form.version(), songs, me));
  }

  @PostMapping("/{id}/play")
  SocialSheet play(
      @PathVariable long id,
      @Valid @RequestBody PlayForm form,
      @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(socials.play(id, form.version(), form.song().line(), form.begun(), me));
  }

  @DeleteMapping("/{id}/play")
  SocialSheet unplay(
      @PathVariable long id, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(socials.unplay(id, version, me));
  }

  @PostMapping("/{id}/record")
  SocialSheet record(
      @PathVariable long id, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(socials.record(id, version, me));
  }

  /** The songs in order, as a playlist; what names no song is not in it. */
  @GetMapping(value = "/{id}/xspf", produces = "application/xspf+xml")
  ResponseEntity<byte[]> playlist(@PathVariable long id) {
    SocialRow row = socials.get(id);
    ContentDisposition attached =
        ContentDisposition.attachment().filename("social-" + row.date() + ".xspf").build();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, attached.toString())
        .body(setList.playlist(row).getBytes(StandardCharsets.UTF_8));
  }
}
