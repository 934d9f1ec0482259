package nodyes.server.reviews.export;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.testng.annotations.Test;

/** Opened by two libraries that know nothing of the writer: Apache POI and fastexcel's reader. */
public class TextWorkbookTest {
  private static byte[] written(List<List<String>> rows) throws IOException {
    var out = new ByteArrayOutputStream();
    try (var workbook = new TextWorkbook(out)) {
      workbook.begin("One & <two>");
      for (List<String> row : rows) {
        workbook.row(row);
      }
      workbook.begin("Next");
      workbook.row(List.of("last"));
    }
    return out.toByteArray();
  }

  private static Row first(byte[] file) throws IOException {
    try (var workbook = new XSSFWorkbook(new ByteArrayInputStream(file))) {
      return workbook.getSheetAt(0).getRow(0);
    }
  }

  @Test
  public void eachTextIsReadAsItWasWritten() throws IOException {
    List<String> texts =
        List.of(
            "=1+1",
            " spaces around ",
            "two\nlines",
            "<b>&amp;</b> ]]> \"'",
            "Emoji 👩‍🌾, ﷽, שלום",
            "\u200Bno width\uFEFF");
    byte[] file = written(List.of(texts));
    Row row = first(file);
    for (int i = 0; i < texts.size(); i++) {
      assertEquals(row.getCell(i).getCellType(), CellType.STRING);
      assertEquals(row.getCell(i).getStringCellValue(), texts.get(i));
    }
    try (var workbook = new ReadableWorkbook(new ByteArrayInputStream(file))) {
      var read = workbook.getFirstSheet().read().getFirst();
      assertEquals(read.stream().map(cell -> cell.getText()).toList(), texts);
      assertEquals(
          workbook.getSheets().map(sheet -> sheet.getName()).toList(),
          List.of("One & <two>", "Next"));
    }
  }

  @Test
  public void whatXmlCannotHoldIsLeftOutAndTheFileStaysReadable() throws IOException {
    Row row = first(written(List.of(List.of("a\u0000b\u0008c\uFFFEd\uD800e", "x\r\ny\rz"))));
    assertEquals(row.getCell(0).getStringCellValue(), "abcde");
    assertEquals(row.getCell(1).getStringCellValue(), "x\ny\nz");
  }

  @Test
  public void aTextLongerThanACellIsCutAndNeverWithinASign() throws IOException {
    Row row = first(written(List.of(List.of("a" + "😀".repeat(20_000)))));
    assertEquals(row.getCell(0).getStringCellValue(), "a" + "😀".repeat(16_383));
  }

  @Test
  public void columnsBeyondZAreInTheirPlace() throws IOException {
    var cells = new String[703];
    Arrays.fill(cells, "");
    cells[25] = "Z";
    cells[26] = "AA";
    cells[701] = "ZZ";
    cells[702] = "AAA";
    Row row = first(written(List.of(Arrays.asList(cells))));
    for (int column : List.of(25, 26, 701, 702)) {
      assertEquals(row.getCell(column).getAddress().formatAsString(), cells[column] + "1");
      assertEquals(row.getCell(column).getStringCellValue(), cells[column]);
    }
  }

  @Test
  public void cellsWithoutTextAreNotThere() throws IOException {
    Row row = first(written(List.of(Arrays.asList(null, "", "text"))));
    assertNull(row.getCell(0));
    assertNull(row.getCell(1));
    assertEquals(row.getCell(2).getStringCellValue(), "text");
  }
}
