package nodyes.server.database;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;

import java.util.List;
import org.testng.annotations.Test;

public class ColumnConvertersTest {
  private final Numbers numbers = new Numbers();
  private final Lines lines = new Lines();

  @Test
  public void numbersComeBackAsTheyWere() {
    assertEquals(
        numbers.from(numbers.to(List.of(1L, 0L, 40_000_000_000L))),
        List.of(1L, 0L, 40_000_000_000L));
    assertEquals(numbers.to(List.of()), "[]");
    assertNull(numbers.from(null));
    assertNull(numbers.to(null));
  }

  /** What an earlier version kept was a printed list. */
  @Test
  public void aPrintedListIsReadAsItWas() {
    List<Long> kept = List.of(2L, 0L, 1L, 7L, 30L);
    assertEquals(numbers.from(kept.toString()), kept);
  }

  @Test
  public void linesComeBackWithoutEmptyOnes() {
    assertEquals(lines.from(lines.to(List.of("heavy", "green"))), List.of("heavy", "green"));
    assertEquals(lines.from("heavy\r\n\n  \ngreen\n"), List.of("heavy", "green"));
    assertEquals(lines.from(null), List.of());
    assertNull(lines.to(List.of()));
  }
}
