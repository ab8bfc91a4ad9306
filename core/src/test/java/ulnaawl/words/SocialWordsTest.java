package ulnaawl.words;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import ulnaawl.social.SocialReason;
import ulnaawl.social.SocialWeight;

/** What is said of songs in the order of a social. English grammar, no source needed. */
public class SocialWordsTest {

  private static String say(SocialWeight weight, int amount, List<Long> groups) {
    return Speech.english()
        .social()
        .reason(new SocialReason(weight, amount, groups, -3), it -> "Group " + it);
  }

  @Test
  public void oneAndManyAreToldApart() {
    assertEquals(say(SocialWeight.ASKED, 1, List.of()), "1 person asked for it.");
    assertEquals(say(SocialWeight.WAIT, 14, List.of(2L)), "Group 2 has waited for 14 minutes.");
    assertEquals(
        say(SocialWeight.LAST_WITHOUT, 2, List.of(1L, 2L)),
        "Group 1 and Group 2 do not know it, and it is the last one.");
    assertEquals(say(SocialWeight.FLOOR, 100, List.of()), "Everybody dances.");
    assertEquals(say(SocialWeight.FLOOR, 62, List.of()), "62 % of all dance.");
  }

  @Test
  public void eachReasonIsASentenceOfItsOwn() {
    List<String> said =
        Stream.of(SocialWeight.values()).map(it -> say(it, 3, List.of(1L))).distinct().toList();
    assertEquals(said.size(), SocialWeight.values().length);
    assertTrue(said.stream().allMatch(it -> it.matches("[A-Z\\d].*\\.")), said.toString());
  }
}
