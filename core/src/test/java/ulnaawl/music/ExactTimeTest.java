package ulnaawl.music;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import ulnaawl.Tries;

/** Musical time is exact: counts in twelfths, speeds in thousandths, held against big decimals. */
public class ExactTimeTest {

  private static final BigDecimal MINUTE = BigDecimal.valueOf(60_000);

  private static BigDecimal perMinute(int milli) {
    return BigDecimal.valueOf(milli, 3);
  }

  /** counts · 60,000 / rate, in milliseconds, to the nearest. */
  @Test
  public void countsLastAsLongAsBigDecimalsSay() {
    qt().withExamples(Tries.of(500, 3000))
        .forAll(integers().between(Tempo.MIN_MILLI, Tempo.MAX_MILLI), integers().between(0, 5_000))
        .checkAssert((milli, counts) -> {
          BigDecimal exact =
              BigDecimal.valueOf(counts)
                  .multiply(MINUTE)
                  .divide(perMinute(milli), MathContext.DECIMAL128);
          long millis = new Tempo(milli).millisOf(counts);
          assertEquals(millis, exact.setScale(0, RoundingMode.HALF_UP).longValueExact());
        });
  }

  /** What fits never lasts longer than there is, and one more always would. */
  @Test
  public void countsThatFitFillTheTime() {
    qt().withExamples(Tries.of(500, 3000))
        .forAll(
            integers().between(Tempo.MIN_MILLI, Tempo.MAX_MILLI), integers().between(0, 600_000))
        .checkAssert((milli, millis) -> {
          Tempo tempo = new Tempo(milli);
          BigDecimal have = perMinute(milli).multiply(BigDecimal.valueOf(millis));
          long fits = tempo.countsIn(millis);
          assertTrue(MINUTE.multiply(BigDecimal.valueOf(fits)).compareTo(have) <= 0);
          assertTrue(MINUTE.multiply(BigDecimal.valueOf(fits + 1)).compareTo(have) > 0);
          long nearest = tempo.nearestCounts(millis);
          assertTrue(nearest == fits || nearest == fits + 1);
        });
  }

  @Test
  public void theWayBackLeadsToTheSameCount() {
    qt().forAll(integers().between(Tempo.MIN_MILLI, Tempo.MAX_MILLI), integers().between(0, 2_000))
        .checkAssert((milli, counts) -> {
          Tempo tempo = new Tempo(milli);
          assertEquals(tempo.nearestCounts(tempo.millisOf(counts)), (long) counts);
        });
  }

  /** By hand: 180 beats at half are 90 counts, at double 360; nothing leaves 20 to 400. */
  @Test
  public void ratesAndSharesStayWhatIsUnderstood() {
    Tempo quick = Tempo.ofBpm(180);
    assertEquals(quick.counted(CountRate.HALF), Tempo.ofBpm(90));
    assertEquals(quick.counted(CountRate.DOUBLE), Tempo.ofBpm(360));
    assertEquals(Tempo.ofBpm(300).counted(CountRate.DOUBLE), Tempo.ofBpm(400));
    assertEquals(Tempo.ofBpm(30).counted(CountRate.HALF), Tempo.ofBpm(20));
    assertEquals(quick.atPercent(60), Tempo.ofBpm(108));
    assertEquals(Tempo.ofBpm(25).atPercent(50), Tempo.ofBpm(20));
    assertEquals(Tempo.of(new BigDecimal("112.49951")).label(), "112.5");
    assertEquals(Tempo.ofBpm(112).label(), "112");
    assertThrows(IllegalArgumentException.class, () -> Tempo.ofBpm(19));
    assertThrows(IllegalArgumentException.class, () -> Tempo.ofBpm(401));
  }

  @DataProvider
  public Object[][] counts() {
    return new Object[][] {
      {12, "1", "1"},
      {15, "1e", "e"},
      {18, "1&", "&"},
      {21, "1a", "a"},
      {6, "0&", "&"},
      {96, "8", "8"},
      {102, "8&", "&"},
      {16, "1+4/12", "+4/12"},
    };
  }

  /** Quarters are e, & and a; what is said between counts goes without its number. */
  @Test(dataProvider = "counts")
  public void countsAreWrittenAndSpoken(int ticks, String label, String spoken) {
    assertEquals(new Count(ticks).label(), label);
    assertEquals(new Count(ticks).spoken(), spoken);
  }

  @Test
  public void countsAreAddedAndSortedExactly() {
    List<Count> all = IntStream.range(0, 200).mapToObj(Count::new).toList();
    assertEquals(all.stream().sorted().toList(), all);
    for (Count count : all) {
      assertEquals(count.plusCounts(3).plusTicks(-36), count);
      assertEquals(count.number() * Count.TICKS + count.fraction(), count.ticks());
      assertEquals(count.isWhole(), count.equals(Count.of(count.number())));
    }
    assertThrows(IllegalArgumentException.class, () -> Count.of(1).plusCounts(-2));
    assertThrows(ArithmeticException.class, () -> Count.of(Integer.MAX_VALUE));
  }

  @Test
  public void playTimesGoOnPastTheHour() {
    assertEquals(PlayTime.of(0), "0:00");
    assertEquals(PlayTime.of(65), "1:05");
    assertEquals(PlayTime.of(3_725), "62:05");
  }
}
