package nodyes.server.people;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.expectThrows;

import java.util.EnumSet;
import java.util.Set;
import org.testng.annotations.Test;

public class ScopesTest {
  private final Scopes scopes = new Scopes();

  @Test
  public void whatIsKeptIsReadAgain() {
    for (Scope one : Scope.values()) {
      assertEquals(scopes.from(scopes.to(Set.of(one))), Set.of(one));
    }
    Set<Scope> all = EnumSet.allOf(Scope.class);
    assertEquals(scopes.from(scopes.to(all)), all);
  }

  @Test
  public void theOrderInWhichTheyWereChosenDoesNotMatter() {
    assertEquals(
        scopes.to(Set.of(Scope.PREVIEW, Scope.ALL)),
        scopes.to(EnumSet.of(Scope.ALL, Scope.PREVIEW)));
  }

  @Test
  public void nothingIsNothingAndAnUnknownNameIsNoScope() {
    assertNull(scopes.from(null));
    assertNull(scopes.to(null));
    expectThrows(IllegalArgumentException.class, () -> scopes.from("EVERYTHING"));
  }
}
