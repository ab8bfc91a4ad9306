package ulnaawl.server.backup;

import java.io.IOException;
import java.time.LocalDateTime;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Audit;
import ulnaawl.server.platform.Problem;

/** The club's backups, for those who answer for it. */
@RestController
@RequestMapping("/api/backups")
@RequiredArgsConstructor
class BackupController {

  private final Backups backups;
  private final Audit audit;

  /** A backup that was opened and counted; {@code made} in universal time. */
  record BackupView(
      String file, Occasion occasion, LocalDateTime made, long bytes, Backup.Counts counts) {
    static BackupView of(Backup backup) {
      return new BackupView(
          backup.file(), backup.occasion(), backup.made(), backup.bytes(), backup.counts());
    }
  }

  /** Those that there are, the newest first; and why the last try failed, if it did. */
  record BackupList(List<BackupView> backups, @Nullable String trouble) {}

  @GetMapping
  BackupList all() throws IOException {
    return new BackupList(
        backups.all().stream().map(BackupView::of).toList(), backups.trouble().orElse(null));
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  BackupView make(@AuthenticationPrincipal SignedIn me) {
    audit.exported(me.person(), "a backup");
    try {
      return BackupView.of(backups.make(Occasion.ASKED));
    } catch (Backups.Failed e) {
      throw Problem.rejected(String.valueOf(e.getMessage()));
    }
  }
}
