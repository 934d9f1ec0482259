package nodyes.server.tabular;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import nodyes.server.web.ApiProblem;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Text files told apart by their bytes. */
public class EncodingDetectorTest {
  private static final String ENGLISH = "Product,Rating,Words\npot,5,It stands well in the wind\n";
  private static final String GERMAN = "Produkt,Sterne,Text\nTopf,4,Schöner Topf für draußen\n";
  private static final String EURO = "pot,4,It was 25 € and “worth it” – really\n";
  private static final String JAPANESE = "pot,5,大きさも色もとてもいいです。\n";
  private Path file;

  @BeforeClass
  public void make() throws IOException {
    file = Files.createTempFile("encoded", ".csv");
  }

  private Charset told(byte[] bytes) throws IOException {
    Files.write(file, bytes);
    return EncodingDetector.of(file);
  }

  private static byte[] marked(String mark, String text, Charset charset) {
    return (mark + text).getBytes(charset);
  }

  @DataProvider
  public Object[][] files() {
    Charset windows = EncodingDetector.WINDOWS_1252;
    String mark = "\uFEFF";
    return new Object[][] {
      {ENGLISH.getBytes(StandardCharsets.UTF_8), StandardCharsets.UTF_8},
      {GERMAN.getBytes(StandardCharsets.UTF_8), StandardCharsets.UTF_8},
      {JAPANESE.getBytes(StandardCharsets.UTF_8), StandardCharsets.UTF_8},
      {marked(mark, GERMAN, StandardCharsets.UTF_8), StandardCharsets.UTF_8},
      {GERMAN.getBytes(windows), windows},
      {GERMAN.getBytes(StandardCharsets.ISO_8859_1), windows},
      {EURO.getBytes(windows), windows},
      {marked(mark, GERMAN, StandardCharsets.UTF_16LE), StandardCharsets.UTF_16LE},
      {marked(mark, JAPANESE, StandardCharsets.UTF_16BE), StandardCharsets.UTF_16BE},
      {ENGLISH.getBytes(StandardCharsets.UTF_16LE), StandardCharsets.UTF_16LE},
      {GERMAN.getBytes(StandardCharsets.UTF_16BE), StandardCharsets.UTF_16BE},
      {new byte[0], StandardCharsets.UTF_8},
    };
  }

  @Test(dataProvider = "files")
  public void eachIsTold(byte[] bytes, Charset charset) throws IOException {
    assertEquals(told(bytes), charset);
  }

  /** A sign of several bytes may lie across any two pieces that a long file is read in. */
  @Test
  public void aLongFileIsReadToItsEnd() throws IOException {
    for (int shift = 0; shift < 4; shift++) {
      var long64 = new ByteArrayOutputStream();
      long64.write("x".repeat(shift).getBytes(StandardCharsets.UTF_8));
      byte[] sign = "草🌱é".getBytes(StandardCharsets.UTF_8);
      while (long64.size() < 400_000) {
        long64.write(sign);
      }
      assertEquals(told(long64.toByteArray()), StandardCharsets.UTF_8);
      // one sign that is no UTF-8, far behind
      long64.write(0xE9);
      long64.write(' ');
      assertEquals(told(long64.toByteArray()), EncodingDetector.WINDOWS_1252);
    }
  }

  @Test
  public void aSignThatIsCutOffAtTheEndIsNoUtf8() throws IOException {
    byte[] whole = JAPANESE.strip().getBytes(StandardCharsets.UTF_8);
    byte[] cut = java.util.Arrays.copyOf(whole, whole.length - 1);
    assertEquals(told(cut), EncodingDetector.WINDOWS_1252);
  }

  @Test
  public void whatIsNoTextIsRefused() {
    var random = new Random(3);
    for (int i = 0; i < 50; i++) {
      byte[] bytes = new byte[4000];
      random.nextBytes(bytes);
      bytes[0] = 'x';
      assertThrows(ApiProblem.class, () -> told(bytes));
    }
  }
}
