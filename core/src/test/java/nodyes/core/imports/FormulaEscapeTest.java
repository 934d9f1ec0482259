package nodyes.core.imports;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The characters that begin a formula are those that OWASP's page on CSV injection lists. */
public class FormulaEscapeTest {
  @DataProvider
  public Object[][] cells() {
    return new Object[][] {
      {"=1+1", "'=1+1"},
      {"+351 912", "'+351 912"},
      {"-5", "'-5"},
      {"@who", "'@who"},
      {"\tx", "'\tx"},
      {"\rx", "'\rx"},
      {"'=kept", "''=kept"},
      {"plain", "plain"},
      {"'quoted'", "'quoted'"},
      {"", ""},
      {"a=b", "a=b"},
    };
  }

  @Test(dataProvider = "cells")
  public void formulasBecomeTextAndComeBackAsTheyWere(String text, String cell) {
    assertEquals(FormulaEscape.safe(text), cell);
    assertEquals(FormulaEscape.read(cell), text);
  }
}
