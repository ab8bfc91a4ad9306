package ulnaawl.server.http;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Errors that no feature has put into words. */
@RestController
@Hidden
class LastErrors implements ErrorController {

  @RequestMapping("/error")
  ResponseEntity<String> error(HttpServletRequest request) {
    int status =
        Optional.ofNullable(request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE))
            .map(code -> (Integer) code)
            .orElse(HttpStatus.NOT_FOUND.value());
    return ResponseEntity.status(status)
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(json(status));
  }

  static String json(int status) {
    String detail =
        switch (status) {
          case 400 -> "This address cannot be read.";
          case 401 -> "Sign in first.";
          case 403 -> "This is not allowed.";
          case 404 -> "There is nothing here.";
          case 405, 501 -> "This cannot be done here.";
          case 408 -> "The request did not come to its end in time; send it again.";
          case 413, 414, 431 -> "This is more than is read at once.";
          default ->
              status >= 500
                  ? "Something went wrong on the server; try again, and tell whoever runs it."
                  : "The server refuses this.";
        };
    return "{\"status\":" + status + ",\"detail\":\"" + detail + "\"}";
  }
}
