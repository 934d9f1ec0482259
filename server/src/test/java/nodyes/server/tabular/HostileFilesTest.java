package nodyes.server.tabular;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import nodyes.server.RunningServer;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Files that stopped the server for good: one line of 450 MB, cells at {@code XFDZZZ2}, a number
 * {@code 1e999999999}, the text number −1, a page of 300 MB. A shop's server has a heap of 768 MB;
 * here a real one with a third of it gets a third of them, answers, and goes on answering.
 */
public class HostileFilesTest {
  private static final int MEGABYTE = 1_000_000;
  private static final int SMALLER = 3;

  private RunningServer server;
  private Path folder;

  @BeforeClass
  public void start() throws Exception {
    server = RunningServer.withHeap(768 / SMALLER + "m");
    folder = Files.createTempDirectory("hostile");
  }

  @AfterClass(alwaysRun = true)
  public void stop() throws IOException {
    server.close();
    try (var files = Files.list(folder)) {
      for (Path file : files.toList()) {
        Files.delete(file);
      }
    }
  }

  /** What is sent as a file. */
  record Sent(String name, BodyPublisher content) {
    static Sent of(Path file) throws IOException {
      return new Sent(String.valueOf(file.getFileName()), BodyPublishers.ofFile(file));
    }

    /** A piece over and over, for that many million bytes. */
    static Sent repeated(String name, String head, String piece, int megabytes, String foot) {
      byte[] part = piece.repeat(MEGABYTE / piece.length()).getBytes(StandardCharsets.UTF_8);
      var all = new ArrayList<BodyPublisher>();
      all.add(BodyPublishers.ofString(head));
      all.addAll(Collections.nCopies(megabytes / SMALLER, BodyPublishers.ofByteArray(part)));
      all.add(BodyPublishers.ofString(foot));
      long length = all.stream().mapToLong(BodyPublisher::contentLength).sum();
      return new Sent(
          name,
          BodyPublishers.fromPublisher(
              BodyPublishers.concat(all.toArray(BodyPublisher[]::new)), length));
    }

    @Override
    public String toString() {
      return name;
    }
  }

  /** A workbook with these cells in its second row. */
  private Path workbook(String name, String cells) throws IOException {
    Path file = folder.resolve(name);
    String main = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";
    String links = "http://schemas.openxmlformats.org/officeDocument/2006/relationships";
    String packed = "http://schemas.openxmlformats.org/package/2006/relationships";
    try (var zip = new ZipOutputStream(Files.newOutputStream(file))) {
      put(
          zip,
          "[Content_Types].xml",
          "<Types xmlns='http://schemas.openxmlformats.org/package/2006/content-types'>"
              + "<Default Extension='xml' ContentType='application/xml'/></Types>");
      put(
          zip,
          "_rels/.rels",
          "<Relationships xmlns='%s'><Relationship Id='r' Type='%s/officeDocument' Target='xl/workbook.xml'/></Relationships>"
              .formatted(packed, links));
      put(
          zip,
          "xl/workbook.xml",
          "<workbook xmlns='%s' xmlns:r='%s'><sheets><sheet name='S' sheetId='1' r:id='s'/></sheets></workbook>"
              .formatted(main, links));
      put(
          zip,
          "xl/_rels/workbook.xml.rels",
          ("<Relationships xmlns='%s'><Relationship Id='s' Type='%s/worksheet' Target='worksheets/sheet1.xml'/>"
                  + "<Relationship Id='t' Type='%s/sharedStrings' Target='sharedStrings.xml'/></Relationships>")
              .formatted(packed, links, links));
      put(zip, "xl/sharedStrings.xml", "<sst xmlns='%s'><si><t>A</t></si></sst>".formatted(main));
      put(
          zip,
          "xl/worksheets/sheet1.xml",
          ("<worksheet xmlns='%s'><sheetData><row r='1'><c r='A1' t='inlineStr'><is><t>Rating</t></is></c>"
                  + "<c r='B1' t='inlineStr'><is><t>Words</t></is></c></row><row r='2'>%s</row></sheetData></worksheet>")
              .formatted(main, cells));
    }
    return file;
  }

  private static void put(ZipOutputStream zip, String name, String content) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(content.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
  }

  private Path text(String name, String content) throws IOException {
    return Files.writeString(folder.resolve(name), content);
  }

  private static String priced(String price, String stock) {
    return "{\"@type\":\"ProductGroup\",\"productGroupID\":\"n\",\"name\":\"N\",\"hasVariant\":[{\"@type\":"
        + "\"Product\",\"sku\":\"n-1\",\"name\":\"one\",\"inventoryLevel\":"
        + stock
        + ",\"offers\":{\"price\":"
        + price
        + ",\"priceCurrency\":\"EUR\"}}]}\n";
  }

  /** Twelve characters that are a gigabyte when they are written out. */
  @DataProvider
  Object[][] numbers() throws IOException {
    String much = "1e999999999";
    return new Object[][] {
      {"/api/v1/imports", text("n.csv", "Rating,Words\n" + much + ",a\n5,b\n1e999999,c\n")},
      {"/api/v1/imports", text("n.jsonl", "{\"rating\":" + much + ",\"words\":\"a\",\"x\":1}\n")},
      {"/api/v1/catalogue/imports", text("p.jsonl2", priced(much, "3"))},
      {"/api/v1/catalogue/imports", text("q.jsonl2", priced("\"" + much + "\"", "3"))},
      {"/api/v1/catalogue/imports", text("r.jsonl2", priced("3", "-" + much))},
      {"/api/v1/catalogue/imports", text("s.jsonl2", priced("3", much))},
      {"/api/v1/feeds/products/files", text("t.csv", "SKU;Product;Price\nn-1;N;" + much + "\n")},
      {
        "/api/v1/feeds/orders/files",
        text("o.csv", "Order;SKU;Date;Quantity\n1;n-1;2026-11-20;" + much + "\n")
      },
    };
  }

  @Test(dataProvider = "numbers", timeOut = 60_000)
  public void aNumberWithoutEndIsNone(String path, Path file) throws Exception {
    HttpResponse<String> answer = server.upload(path, file);
    assertTrue(answer.statusCode() < 500, answer.statusCode() + " " + answer.body());
    assertTrue(server.isAlive(), server.log());
    assertEquals(server.get("/healthz").statusCode(), 200);
  }

  @DataProvider
  Object[][] hostile() throws IOException {
    int much = 450;
    return new Object[][] {
      {
        "/api/v1/imports",
        Sent.repeated("line.csv", "Rating,Words\n5,\"", "x", much, ""),
        "Line 2: This row is longer"
      },
      {"/api/v1/imports", Sent.repeated("plain.csv", "", "x", much, ""), ""},
      {"/api/v1/imports", Sent.repeated("one.jsonl", "{\"a\":\"", "x", much, "\"}"), "12 MB"},
      {"/api/v1/imports", Sent.repeated("list.json", "[{\"a\":\"", "x", much, "\"}]"), "line 1"},
      {
        "/api/v1/imports",
        Sent.repeated("page.html", "<html><body>", "<p>x</p>", 300, "</body></html>"),
        "12 MB"
      },
      {
        "/api/v1/catalogue/imports",
        Sent.repeated("p.jsonl", "{\"a\":\"", "x", much, "\"}"),
        "longer"
      },
      {"/api/v1/orders/imports", Sent.repeated("o.jsonl", "{\"a\":\"", "x", much, "\"}"), "longer"},
      {"/api/v1/feeds/products/files", Sent.repeated("f.jsonl", "{\"a\":\"", "x", much, "\"}"), ""},
      {
        "/api/v1/feeds/products/files", Sent.repeated("f.json", "[{\"a\":\"", "x", much, "\"}]"), ""
      },
      {
        "/api/v1/imports",
        Sent.of(workbook("far.xlsx", "<c r='XFDZZZ2'><v>5</v></c>")),
        "outside any sheet"
      },
      {
        "/api/v1/imports", Sent.of(workbook("large.xlsx", "<c r='A2'><v>1e999999999</v></c>")), "A2"
      },
      {"/api/v1/imports", Sent.of(workbook("none.xlsx", "<c r='A2' t='s'><v>-1</v></c>")), "A2"},
      {
        "/api/v1/imports",
        Sent.of(workbook("gone.xlsx", "<c r='A2' t='s'><v>77</v></c>")),
        "no sheet has"
      },
      {"/api/v1/imports", Sent.of(workbook("wide.xlsx", "<c r='XFD2'><v>5</v></c>")), "columns"},
      {
        "/api/v1/imports",
        Sent.of(workbook("low.xlsx", "<c r='A99999999'><v>5</v></c>")),
        "outside any sheet"
      },
    };
  }

  @Test(dataProvider = "hostile")
  public void aFileThatStoppedTheServerIsRefused(String path, Sent file, String says)
      throws Exception {
    long start = System.nanoTime();
    HttpResponse<String> answer = server.upload(path, file.name(), file.content());
    long milliseconds = (System.nanoTime() - start) / MEGABYTE;
    System.out.println(
        file
            + ": "
            + answer.statusCode()
            + " after "
            + milliseconds
            + " ms, memory until now at most "
            + server.mostMemoryMegabytes()
            + " MB");
    assertTrue(server.isAlive(), server.log());
    assertTrue(answer.statusCode() < 500, answer.statusCode() + " " + answer.body());
    assertTrue(answer.body().contains(says), answer.body());
    assertEquals(server.get("/healthz").statusCode(), 200);
  }
}
