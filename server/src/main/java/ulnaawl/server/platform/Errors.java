package ulnaawl.server.platform;

import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.apache.catalina.connector.ClientAbortException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.NonTransientDataAccessResourceException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Every error as problem+json (RFC 9457), in words for the person who asked. */
@RestControllerAdvice
@RequiredArgsConstructor
class Errors extends ResponseEntityExceptionHandler {

  private final FaultLog faults;

  @ExceptionHandler
  ProblemDetail problem(Problem problem) {
    return ProblemDetail.forStatusAndDetail(problem.status(), message(problem));
  }

  @ExceptionHandler
  ProblemDetail denied(AccessDeniedException denied) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.FORBIDDEN, message(denied));
  }

  /** Names and dates are looked at before they are written: here two came at the same moment. */
  @ExceptionHandler
  ProblemDetail duplicate(DuplicateKeyException duplicate) {
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.CONFLICT,
        "Somebody else saved the same thing at the same moment; look at theirs before you try"
            + " again.");
  }

  @ExceptionHandler
  ProblemDetail full(NoRoom full) {
    faults.write("The disk is full; nothing is written until there is room", full);
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.INSUFFICIENT_STORAGE,
        "The server's disk is full, so this was not saved; what is there can be read. Keep what you"
            + " wrote, tell whoever runs the server to make room, and save again.");
  }

  /** Nobody may hear that it is saved, nor that it is not. */
  @ExceptionHandler
  ProblemDetail notOnDisk(NotOnDisk unsure) {
    faults.write("A commit may not be on the disk", unsure);
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "This was changed, but it is not sure to be on the disk. Look whether it is there before"
            + " you do it again, and tell whoever runs the server.");
  }

  /** The database was closed by a failed write of somebody else's; the next request opens it. */
  @ExceptionHandler
  ProblemDetail closed(NonTransientDataAccessResourceException closed) {
    faults.write("The database was closed", closed);
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.SERVICE_UNAVAILABLE,
        "The server has to open its database anew; nothing was changed. Try again in a moment.");
  }

  /** Whoever asked has left in the middle of the answer: nobody is there to be told anything. */
  @ExceptionHandler(ClientAbortException.class)
  void left() {}

  @ExceptionHandler
  ProblemDetail unexpected(Exception unexpected) {
    faults.write("A request failed", unexpected);
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "Something went wrong on the server; nothing was changed. Try again, and tell whoever runs"
            + " it.");
  }

  @Override
  protected ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException invalid,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    String fields =
        invalid.getBindingResult().getFieldErrors().stream()
            .map(error -> error.getField() + " " + error.getDefaultMessage())
            .sorted()
            .collect(Collectors.joining("; "));
    return answer(HttpStatus.UNPROCESSABLE_CONTENT, "This does not do: " + fields + ".");
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException unreadable,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    for (Throwable cause = unreadable; cause != null; cause = cause.getCause()) {
      if (cause instanceof Problem problem) {
        return answer(problem.status(), message(problem));
      }
    }
    return answer(HttpStatus.BAD_REQUEST, "What was sent cannot be read as this kind of request.");
  }

  private static ResponseEntity<Object> answer(HttpStatus status, String detail) {
    return ResponseEntity.status(status).body(ProblemDetail.forStatusAndDetail(status, detail));
  }

  private static String message(Throwable problem) {
    String message = problem.getMessage();
    return message == null ? "This cannot be done." : message;
  }
}
