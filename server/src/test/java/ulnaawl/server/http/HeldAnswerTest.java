package ulnaawl.server.http;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.Test;

/** What is to be kept is held back; whatever is large or has no end goes out while it is made. */
public class HeldAnswerTest {

  private static final byte[] WORDS = "a part of it".getBytes(StandardCharsets.UTF_8);

  private static MockHttpServletRequest asked(boolean isToBeKept) {
    MockHttpServletRequest request = new MockHttpServletRequest("GET", "/api/dances");
    if (isToBeKept) {
      request.setAttribute(
          KeptAnswers.Key.class.getName(),
          new KeptAnswers.Key("/api/dances", "", LocalDate.of(2026, 12, 1), 7));
    }
    return request;
  }

  @Test
  public void anAnswerThatNobodyKeepsGoesOutAtOnce() throws IOException {
    MockHttpServletResponse response = new MockHttpServletResponse();
    HeldAnswer answer = new HeldAnswer(asked(false), response);
    answer.setContentLength(WORDS.length);
    answer.getOutputStream().write(WORDS);
    answer.flushBuffer();
    assertEquals(response.getContentAsByteArray(), WORDS);
    assertEquals(response.getContentLength(), WORDS.length);
    assertTrue(response.isCommitted());
    assertEquals(answer.getContentAsByteArray().length, 0, "nothing of it is held");
    answer.copyBodyToResponse();
    assertEquals(response.getContentAsByteArray(), WORDS, "it is not sent twice");
  }

  @Test
  public void whatIsWrittenInWordsGoesOutAtOnceToo() throws IOException {
    MockHttpServletResponse response = new MockHttpServletResponse();
    HeldAnswer answer = new HeldAnswer(asked(false), response);
    answer.setContentLengthLong(3);
    answer.getWriter().write("yes");
    answer.getWriter().flush();
    assertEquals(response.getContentAsString(), "yes");
  }

  @Test
  public void anAnswerThatIsKeptIsHeldUntilItIsWhole() throws IOException {
    MockHttpServletResponse response = new MockHttpServletResponse();
    HeldAnswer answer = new HeldAnswer(asked(true), response);
    answer.setContentLength(WORDS.length);
    answer.getOutputStream().write(WORDS);
    answer.flushBuffer();
    assertEquals(response.getContentAsByteArray().length, 0);
    assertEquals(answer.getContentAsByteArray(), WORDS);
    answer.copyBodyToResponse();
    assertEquals(response.getContentAsByteArray(), WORDS);
  }
}
