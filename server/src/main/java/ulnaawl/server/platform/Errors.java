package ulnaawl.server.platform;

import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DuplicateKeyException;
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
class Errors extends ResponseEntityExceptionHandler {

  private static final Logger LOG = LoggerFactory.getLogger(Errors.class);

  @ExceptionHandler
  ProblemDetail problem(Problem problem) {
    return ProblemDetail.forStatusAndDetail(problem.status(), message(problem));
  }

  @ExceptionHandler
  ProblemDetail denied(AccessDeniedException denied) {
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.FORBIDDEN, "Only an instructor may do this; ask one of yours.");
  }

  @ExceptionHandler
  ProblemDetail duplicate(DuplicateKeyException duplicate) {
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.CONFLICT, "There is one of that name or date already.");
  }

  /** Nobody may hear that it is saved, nor that it is not. */
  @ExceptionHandler
  ProblemDetail notOnDisk(NotOnDisk unsure) {
    LOG.error("A commit is not on the disk", unsure);
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "This was changed, but it is not sure to be on the disk. Look whether it is there before"
            + " you do it again, and tell whoever runs the server.");
  }

  @ExceptionHandler
  ProblemDetail unexpected(Exception unexpected) {
    LOG.error("A request failed", unexpected);
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
