package ulnaawl.music;

import static org.testng.Assert.assertEquals;

import java.math.BigDecimal;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Slow, middle and fast meet without a gap. */
public class PaceTest {

  @DataProvider
  public Object[][] paces() {
    return new Object[][] {
      {"60", Pace.SLOW},
      {"99.9", Pace.SLOW},
      {"100", Pace.MIDDLE},
      {"120", Pace.MIDDLE},
      {"120.1", Pace.FAST},
      {"200", Pace.FAST},
    };
  }

  @Test(dataProvider = "paces")
  public void isSaidOfCountsAMinute(String tempo, Pace pace) {
    assertEquals(Pace.of(Tempo.of(new BigDecimal(tempo))), pace);
  }
}
