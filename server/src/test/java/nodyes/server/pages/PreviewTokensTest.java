package nodyes.server.pages;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import nodyes.server.Settings;
import nodyes.server.web.Signer;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PreviewTokensTest {
  private static final Instant NOW = Instant.parse("2026-11-26T14:20:00Z");
  private Path data;

  @BeforeMethod
  public void folder() throws IOException {
    data = Files.createTempDirectory("nodyes-tokens");
  }

  private PreviewTokens at(Instant now) {
    return new PreviewTokens(Clock.fixed(now, ZoneOffset.UTC), new Signer(Settings.in(data)));
  }

  @Test
  public void aTokenHoldsForHalfADayAndNotASecondLonger() {
    var token = at(NOW).issue();
    assertEquals(token.endsAt(), NOW.plus(Duration.ofHours(12)));
    assertTrue(at(NOW).isValid(token.token()));
    assertTrue(at(token.endsAt().minusSeconds(1)).isValid(token.token()));
    assertFalse(at(token.endsAt()).isValid(token.token()));
  }

  @DataProvider
  Object[][] forged() {
    return new Object[][] {{""}, {"."}, {"x"}, {"zzzzzz."}, {".abc"}, {"zzzzzz.abc"}, {"-1.abc"}};
  }

  @Test(dataProvider = "forged")
  public void whatWasNotIssuedHereIsNoToken(String token) {
    assertFalse(at(NOW).isValid(token));
  }

  @Test
  public void theEndCannotBePutOff() {
    String token = at(NOW).issue().token();
    String signature = token.substring(token.indexOf('.'));
    String later = Long.toString(NOW.plusSeconds(900_000).getEpochSecond(), Character.MAX_RADIX);
    assertFalse(at(NOW).isValid(later + signature));
  }

  @Test
  public void anotherInstallationHasAnotherSecretAndOnlyItsOwnerReadsIt() throws IOException {
    String token = at(NOW).issue().token();
    assertEquals(
        PosixFilePermissions.toString(
            Files.getPosixFilePermissions(data.resolve("signing.secret"))),
        "rw-------");
    data = Files.createTempDirectory("nodyes-tokens");
    assertFalse(at(NOW).isValid(token));
  }
}
