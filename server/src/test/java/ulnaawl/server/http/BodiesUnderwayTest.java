package ulnaawl.server.http;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.io.ByteArrayInputStream;
import java.io.InputStream;
import org.testng.annotations.Test;

/** How much of whom is on its way at the same time. */
public class BodiesUnderwayTest {

  private static final int KB = 1024;

  private static InputStream of(int bytes) {
    return new ByteArrayInputStream(new byte[bytes]);
  }

  @Test
  public void oneSenderHasSoManyAndSoMuch() throws Exception {
    BodiesUnderway underway = new BodiesUnderway(2, 40 * KB, 1000 * KB);
    BodiesUnderway.Body first = underway.begin("Ada");
    BodiesUnderway.Body second = underway.begin("Ada");
    assertThrows(BodiesUnderway.TooMany.class, () -> underway.begin("Ada"));
    underway.begin("Bo").close();
    first.read(30 * KB, of(30 * KB));
    assertEquals(first.content().length, 30 * KB);
    assertThrows(BodiesUnderway.TooMany.class, () -> second.read(20 * KB, of(20 * KB)));
    second.close();
    first.close();
    try (BodiesUnderway.Body again = underway.begin("Ada")) {
      again.read(40 * KB, of(40 * KB));
    }
  }

  @Test
  public void allTogetherHaveSoMuchUntilOneIsDone() throws Exception {
    BodiesUnderway underway = new BodiesUnderway(9, 100 * KB, 150 * KB);
    BodiesUnderway.Body ada = underway.begin("Ada");
    ada.read(100 * KB, of(100 * KB));
    try (BodiesUnderway.Body bo = underway.begin("Bo")) {
      assertThrows(BodiesUnderway.TooMany.class, () -> bo.read(100 * KB, of(100 * KB)));
    }
    ada.close();
    try (BodiesUnderway.Body bo = underway.begin("Bo")) {
      bo.read(100 * KB, of(100 * KB));
    }
  }

  @Test
  public void whatEndsTooSoonIsNoBody() throws Exception {
    try (BodiesUnderway.Body body = new BodiesUnderway(1, KB, KB).begin("Ada")) {
      assertThrows(BodiesUnderway.TooSlow.class, () -> body.read(100, of(99)));
    }
  }

  @Test
  public void aPlaceIsChosenByWhoSendsWhere() {
    assertEquals(BodyKind.of(true, "/api/club/file"), BodyKind.STRANGERS);
    assertEquals(BodyKind.of(false, "/api/club/file"), BodyKind.FILES);
    assertEquals(BodyKind.of(false, "/api/songs"), BodyKind.PEOPLES);
    assertEquals(BodyKind.FILES.most("/api/club/file"), 24 * KB * KB);
    assertEquals(BodyKind.PEOPLES.most("/api/songs"), 512 * KB);
  }
}
