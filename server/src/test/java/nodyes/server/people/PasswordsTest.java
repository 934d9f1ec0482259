package nodyes.server.people;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What NIST SP 800-63B asks of passwords that a person chooses. */
public class PasswordsTest {
  private static final List<String> ABOUT =
      List.of("Rita Moreira", "rita", "rita@quillwort.example", "Quillwort Garden Goods");

  private final Passwords passwords = new Passwords();

  @DataProvider
  Object[][] poor() {
    return new Object[][] {
      {"short one", "at least 15"},
      {"fourteen signs", "at least 15"},
      {"x".repeat(201), "at most 200"},
      {"aaaaaaaaaaaaaaaaaaaa", "easy to guess"},
      {"abcdefghijklmnopqrs", "easy to guess"},
      {"1234567890123456789", "easy to guess"},
      {"passwordpassword", "common"},
      {"Password1234567!", "common"},
      {"qwertyuiop123456", "common"},
      {"123456-password-", "common"},
      {"drag0n drag0n drag0n", "common"},
      {"quillwortgardengoods", "name that others know"},
      {"RitaMoreira2026!!", "name that others know"},
    };
  }

  @Test(dataProvider = "poor")
  public void whatIsSoonGuessedIsRefusedWithAReason(String password, String reason) {
    Optional<String> fault = passwords.fault(password, ABOUT);
    assertTrue(fault.isPresent(), password);
    assertTrue(fault.get().contains(reason), fault.get());
  }

  @DataProvider
  Object[][] good() {
    return new Object[][] {
      {"three pots of clay"},
      {"correct horse battery staple"},
      {"tudo o que eu sei"},
      {"水をやるのは朝だけにしておくと決めた"},
      {"🌱 grows before it is seen"},
      {"kjh3$9d+!qWe77z"},
    };
  }

  @Test(dataProvider = "good")
  public void anySignsAreTakenAndNoneIsAskedFor(String password) {
    assertEquals(passwords.fault(password, ABOUT), Optional.empty());
  }

  /** One keyboard sends é as one sign, another as two; to a person it is one password. */
  @Test
  public void theSameWordsFromAnotherKeyboardAreTheSame() {
    String hash = passwords.hash("caf\u00e9 com leite, por favor");
    assertTrue(passwords.fits("cafe\u0301 com leite, por favor", Optional.of(hash)));
    assertFalse(passwords.fits("cafe com leite, por favor", Optional.of(hash)));
    assertFalse(passwords.fits("anything at all here", Optional.empty()));
  }
}
