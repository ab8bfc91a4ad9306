package ulnaawl.server.http;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import org.springframework.http.HttpHeaders;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.Test;

/** What is to be kept is held back; whatever is large or has no end goes out while it is made. */
public class HeldAnswerTest {

  private static final byte[] WORDS = "a part of it".getBytes(StandardCharsets.UTF_8);
  private static final KeptAnswers.Key QUESTION =
      new KeptAnswers.Key("/api/dances", "", LocalDate.of(2026, 12, 1), 7);

  @Test
  public void anAnswerThatNobodyKeepsGoesOutAtOnce() throws IOException {
    MockHttpServletResponse response = new MockHttpServletResponse();
    HeldAnswer answer = new HeldAnswer(response);
    answer.setHeader(HttpHeaders.CONTENT_LENGTH, String.valueOf(WORDS.length));
    answer.getOutputStream().write(WORDS);
    answer.flushBuffer();
    assertEquals(response.getContentAsByteArray(), WORDS);
    assertEquals(response.getContentLength(), WORDS.length);
    assertTrue(response.isCommitted());
    assertTrue(answer.held().isEmpty());
  }

  @Test
  public void whatIsWrittenInWordsGoesOutAtOnceToo() throws IOException {
    MockHttpServletResponse response = new MockHttpServletResponse();
    HeldAnswer answer = new HeldAnswer(response);
    answer.getWriter().write("yes");
    answer.getWriter().flush();
    assertEquals(response.getContentAsString(), "yes");
  }

  @Test
  public void anAnswerThatIsKeptIsHeldUntilItIsWhole() throws IOException {
    MockHttpServletResponse response = new MockHttpServletResponse();
    HeldAnswer answer = new HeldAnswer(response);
    answer.holdFor(QUESTION);
    answer.setContentLength(WORDS.length);
    answer.getOutputStream().write(WORDS);
    answer.flushBuffer();
    assertEquals(response.getContentAsByteArray().length, 0);
    HeldAnswer.Held held = answer.held().orElseThrow();
    assertEquals(held.question(), QUESTION);
    assertEquals(held.answer().getContentAsByteArray(), WORDS);
    held.answer().copyBodyToResponse();
    assertEquals(response.getContentAsByteArray(), WORDS);
  }

  /** Whoever asks chooses the address: what it is kept under counts as much as what is kept. */
  @Test
  public void anAddressWeighsWhatItIsLong() {
    String address = "/api/songs/" + "0".repeat(7_000) + "1";
    KeptAnswers.Key key = new KeptAnswers.Key(address, "a=1", QUESTION.day(), 7);
    assertEquals(key.weight(), 2 * (address.length() + 3));
  }
}
