package nodyes.server.tabular;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CsvRowsTest {
  private record Read(List<Long> lines, List<List<String>> rows, List<String> broken) {}

  /**
   * The examples of RFC 4180 section 2, by the number of its rule (wording from memory; parsed
   * alike by two other parsers), and further edges of quoting.
   */
  @DataProvider
  Object[][] examples() {
    return new Object[][] {
      {"aaa,bbb,ccc\r\nzzz,yyy,xxx\r\n", rows("aaa|bbb|ccc", "zzz|yyy|xxx")},
      {"aaa,bbb,ccc\r\nzzz,yyy,xxx", rows("aaa|bbb|ccc", "zzz|yyy|xxx")},
      {
        "field_name,field_name,field_name\r\naaa,bbb,ccc\r\nzzz,yyy,xxx\r\n",
        rows("field_name|field_name|field_name", "aaa|bbb|ccc", "zzz|yyy|xxx")
      },
      {"aaa,bbb,ccc", rows("aaa|bbb|ccc")},
      {"\"aaa\",\"bbb\",\"ccc\"\r\nzzz,yyy,xxx", rows("aaa|bbb|ccc", "zzz|yyy|xxx")},
      {"\"aaa\",\"b\r\nbb\",\"ccc\"\r\nzzz,yyy,xxx", rows("aaa|b\r\nbb|ccc", "zzz|yyy|xxx")},
      {"\"aaa\",\"b\"\"bb\",\"ccc\"", rows("aaa|b\"bb|ccc")},
      {"a, b ,c", rows("a| b |c")},
      {"a,b,", rows("a|b|")},
      {"\"a,b\",c", rows("a,b|c")},
      {"\"\"\"\"", rows("\"")},
      {"a,\"x\"\"\"", rows("a|x\"")},
      {"a\"b,c\r\n", rows("a\"b|c")},
      {"\uFEFFname,rating\r\n", rows("name|rating")},
      {"a,1\nb,2\n", rows("a|1", "b|2")},
      {"a,1\rb,2\r", rows("a|1", "b|2")},
      {"a\r\n\r\nb\r\n", rows("a", "b")},
      {"", rows()},
    };
  }

  @Test(dataProvider = "examples")
  public void readsAsTheStandardSays(String text, List<List<String>> expected) throws IOException {
    Read read = read(text);
    assertEquals(read.rows(), expected);
    assertEquals(read.broken(), List.of());
  }

  @Test
  public void everyRowKnowsTheLineItStartsOn() throws IOException {
    Read read = read("h,w\n1,\"two\nlines\"\n\n\n2,x\n3,\"a\nb\nc\"\n4,y\n");
    assertEquals(read.lines(), List.of(1L, 2L, 6L, 7L, 10L));
  }

  @Test
  public void aQuoteThatNeverClosesCostsItsOwnLineAlone() throws IOException {
    Read read = read("h,w\n1,good\n2,\"never closed\n3,good too\n4,fine\n");
    assertEquals(read.rows(), rows("h|w", "1|good", "3|good too", "4|fine"));
    assertEquals(read.lines(), List.of(1L, 2L, 4L, 5L));
    assertEquals(read.broken(), List.of("3: A quotation mark opened here is never closed."));
  }

  @Test
  public void aQuoteThatClosesInTheMiddleOfACellIsSaid() throws IOException {
    Read read = read("h,w\n1,\"a\"b\n2,fine\n");
    assertEquals(read.rows(), rows("h|w", "2|fine"));
    assertEquals(read.broken(), List.of("2: A quotation mark is closed in the middle of a cell."));
  }

  @Test
  public void aRowWithoutEndIsCutOffBeforeItFillsTheMemory() throws IOException {
    Read read = read("h,w\n1,\"" + "x,\n".repeat(CsvRows.LONGEST_ROW) + "2,fine\n");
    assertTrue(
        read.broken().getFirst().startsWith("2: This row is longer than"),
        read.broken().toString());
    assertEquals(read.rows().getLast(), List.of("2", "fine"));
  }

  private static List<List<String>> rows(String... rows) {
    return java.util.Arrays.stream(rows).map(row -> List.of(row.split("\\|", -1))).toList();
  }

  private static Read read(String text) throws IOException {
    Path file = Files.createTempFile("rows", ".csv");
    Files.writeString(file, text);
    var read = new Read(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
    new CsvRows(file, StandardCharsets.UTF_8, ',', false)
        .read(
            new CsvRows.Sink() {
              @Override
              public void row(long line, List<String> cells) {
                read.lines().add(line);
                read.rows().add(List.copyOf(cells));
              }

              @Override
              public void broken(long line, String start, String reason) {
                read.broken().add(line + ": " + reason);
              }
            },
            () -> true);
    Files.delete(file);
    return read;
  }
}
