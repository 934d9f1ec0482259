package nodyes.server.feeds;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nodyes.server.ServerTest;
import nodyes.server.StillClock;
import nodyes.server.orders.Orders;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Files of orders and products as other programs export them, looked at before they are read. */
public class FeedLooksTest extends ServerTest {
  private static final String ORDERS =
      """
      Encomenda;Data;Ref.;Qtd;Preço;País;Local;Estado;E-mail
      L-1;20/11/2026 21:16;look-pot-1;1;58,00;PT;Lisboa;paga;a@b.example
      L-1;20/11/2026 21:16;look-jar-1;2;3,40;PT;Lisboa;paga;a@b.example
      L-2;31/11/2026 10:00;look-pot-1;1;58,00;PT;;paga;a@b.example
      L-3;02/11/2026 09:00;look-jar-1;1,5;3,40;FR;Nantes;paga;a@b.example
      L-4;03/11/2026 09:00;look-jar-1;1,0;3,40;FR;Nantes;cancelada;a@b.example
      """;

  @Autowired private Orders orders;
  @Autowired private StillClock clock;

  @BeforeClass
  public void products() throws Exception {
    product("look-pot");
    product("look-jar");
  }

  private ResultActions looking(String name, byte[] content) throws Exception {
    return http.perform(
        MockMvcRequestBuilders.multipart("/api/v1/feeds/looks")
            .file(new MockMultipartFile("file", name, "text/csv", content))
            .header("Authorization", "Bearer " + KEY));
  }

  private JsonNode look(String csv) throws Exception {
    return body(
        looking("export.csv", csv.getBytes(StandardCharsets.UTF_8))
            .andExpect(status().isCreated()));
  }

  private ResultActions asking(String id, String act, String wanted) throws Exception {
    return http.perform(
        MockMvcRequestBuilders.post("/api/v1/feeds/looks/" + id + "/" + act)
            .contentType(MediaType.APPLICATION_JSON)
            .content(wanted)
            .header("Authorization", "Bearer " + KEY));
  }

  private static List<String> terms(JsonNode look) {
    var terms = new ArrayList<String>();
    look.path("columns")
        .forEach(
            column ->
                terms.add(
                    column.path("heading").asString() + "=" + column.path("term").asString("")));
    return terms;
  }

  private static List<String> reasons(JsonNode of) {
    return of.path("problems")
        .valueStream()
        .map(
            problem ->
                problem.path("line").asInt()
                    + " "
                    + problem.path("value").asString()
                    + ": "
                    + problem.path("reason").asString())
        .toList();
  }

  /** Every order with an ordinary date was refused, and the update shown green as taken. */
  @Test
  public void ordersOfAnotherProgramAreUnderstoodAsTheyStand() throws Exception {
    JsonNode look =
        body(looking("encomendas.csv", ORDERS.getBytes(Charset.forName("windows-1252"))));
    assertEquals(look.path("kind").asString(), "ORDERS");
    assertEquals(look.path("form").path("encoding").asString(), "windows-1252");
    assertEquals(look.path("form").path("rows").asInt(), 5);
    assertEquals(
        terms(look),
        List.of(
            "Encomenda=orderNumber",
            "Data=orderDate",
            "Ref.=sku",
            "Qtd=orderQuantity",
            "Preço=",
            "País=addressCountry",
            "Local=addressLocality",
            "Estado=orderStatus",
            "E-mail="));
    assertEquals(look.path("dates").path("because").asString(), "20/11/2026 21:16");
    JsonNode trial = look.path("trial");
    assertEquals(trial.path("taken").asInt(), 2, trial.toString());
    assertEquals(
        reasons(trial),
        List.of(
            "4 31/11/2026 10:00: November 2026 has only 30 days.",
            "5 1,5: A quantity must be a whole number from 1 to 1,000,000."));
    assertEquals(
        trial.path("so").asString(),
        "2 orders with 3 lines can be imported, and 3 pieces count as sold. 1 order is cancelled."
            + " 2 lines can’t be read.");
    assertEquals(orders.products(List.of("L-1")).keySet(), Set.of(), "a look keeps nothing");
    String id = look.path("id").asString();
    JsonNode run = body(asking(id, "import", "{}").andExpect(status().isOk()));
    assertEquals(run.path("run").path("state").asString(), "DONE");
    assertEquals(run.path("run").path("taken").asInt(), 2);
    assertEquals(orders.products(List.of("L-1", "L-4")).keySet(), Set.of("L-1"));
    asking(id, "import", "{}").andExpect(status().isNotFound());
  }

  @Test
  public void datesThatMayBeTwoDaysAreAskedForAndNotGuessed() throws Exception {
    String csv = "Order,Date,SKU\nT-1,03/04/2026,look-pot-1\nT-2,05/06/2026 2:05 PM,look-pot-1\n";
    JsonNode look = look(csv);
    assertEquals(look.path("dates").path("unclear").asString(), "03/04/2026");
    String id = look.path("id").asString();
    asking(id, "import", "{}").andExpect(status().isBadRequest());
    JsonNode chosen = body(asking(id, "trial", "{\"dateOrder\":\"MONTH_FIRST\"}"));
    assertEquals(chosen.path("dates").path("unclear").asString(), "");
    assertEquals(chosen.path("trial").path("taken").asInt(), 2);
  }

  @DataProvider
  Object[][] others() {
    return new Object[][] {
      {"Product,Rating,Review,Author\nlook-pot,5,Good,Ann\n", "REVIEWS"},
      {"Item no.,Section,Price,Was\nlook-pot-1,Pots,5.00,7.00\n", "PRODUCTS"},
      {"Bestellnummer;Bestelldatum;Artikelnr.;Menge\nA-1;20.11.2026;look-pot-1;1\n", "ORDERS"},
      {"Nº pedido;Fecha;Referencia;Cantidad\nA-1;20/11/2026;look-pot-1;1\n", "ORDERS"},
      {"colour,weight\nred,5\n", ""},
    };
  }

  @Test(dataProvider = "others")
  public void whatAFileHoldsIsToldByItsHeadings(String csv, String kind) throws Exception {
    assertEquals(look(csv).path("looksLike").asString(""), kind);
  }

  /** Input: a table of orders that was given as products. */
  @Test
  public void aFileOfAnotherKindIsNotReadAsThisOne() throws Exception {
    JsonNode run =
        body(
            http.perform(
                MockMvcRequestBuilders.multipart("/api/v1/feeds/products/files")
                    .file(
                        new MockMultipartFile(
                            "file",
                            "o.csv",
                            "text/csv",
                            "Order,Date,SKU,Quantity\nX-1,2026-11-20,look-pot-1,1\n"
                                .getBytes(StandardCharsets.UTF_8)))
                    .header("Authorization", "Bearer " + KEY)));
    assertEquals(run.path("run").path("state").asString(), "NOTHING_TAKEN");
    assertEquals(
        run.path("problems").path(0).path("reason").asString(),
        "This looks like orders, not products.");
  }

  /** 'Item no.', 'Section' and 'Was' were dropped without a word, and prior prices lost. */
  @Test
  public void anEarlierPriceIsTheShopsOwnAndARecommendedOneIsNot() throws Exception {
    JsonNode look =
        look(
            """
            Item no.,Title,Section,Price (EUR),Was,RRP,Colour
            LP-A,Look plate,Tableware,"€ 1.234,50","1 300,00 €",,blue
            LP-B,Look dish,Tableware,12.00,,"15,00 EUR",red
            LP-C,Look mug,Tableware,$9.00,,,red
            """);
    assertEquals(
        terms(look),
        List.of(
            "Item no.=sku",
            "Title=name",
            "Section=category",
            "Price (EUR)=price",
            "Was=strikethroughPrice",
            "RRP=listPrice",
            "Colour="));
    JsonNode trial = look.path("trial");
    assertEquals(trial.path("taken").asInt(), 2);
    assertEquals(
        reasons(trial), List.of("4 $9.00: This is in $, not in EUR, so it was not taken."));
    JsonNode prices = trial.path("facts").path(0);
    assertEquals(prices.path("topic").asString(), "PRICE_DROPS");
    assertTrue(
        prices
            .path("text")
            .asString()
            .startsWith(
                "1 variant has an earlier price of your own. 1 variant has its maker’s recommended price. "),
        prices.toString());
  }

  /** A column is known by what stands in it, whatever another one is called. */
  @Test
  public void aColumnOfTheShopsOwnSkusWinsOverOneThatSoundsRight() throws Exception {
    JsonNode look =
        look(
            "Order,When,Reference,Internal\n"
                + "V-1,3 Nov 2026,778,LOOK-POT-1\nV-2,4 Nov 2026,779,look-jar-1\n");
    assertEquals(
        terms(look), List.of("Order=orderNumber", "When=orderDate", "Reference=", "Internal=sku"));
    assertEquals(look.path("columns").path(3).path("basis").asString(), "CONTENT");
    assertEquals(
        look.path("columns").path(3).path("proof").asString(), "2 of 2 are in your catalogue");
    assertEquals(look.path("trial").path("taken").asInt(), 2);
  }

  @Test
  public void columnsAreAsTheOwnerChoosesThem() throws Exception {
    JsonNode look = look("A,B,C\nW-1,2026-11-02,look-pot-1\n");
    String id = look.path("id").asString();
    JsonNode chosen =
        body(
            asking(
                id,
                "trial",
                "{\"kind\":\"ORDERS\",\"columns\":{\"orderNumber\":0,\"orderDate\":1,\"sku\":2}}"));
    assertEquals(chosen.path("trial").path("taken").asInt(), 1);
    asking(id, "trial", "{\"kind\":\"ORDERS\",\"columns\":{\"orderNumber\":9}}")
        .andExpect(status().isBadRequest());
    asking(id, "trial", "{\"kind\":\"ORDERS\",\"columns\":{\"nonsense\":0}}")
        .andExpect(status().isBadRequest());
    asking("..%2F..%2Fx", "trial", "{}").andExpect(status().is4xxClientError());
  }

  /**
   * A program's file of each day: on the third of a month no date in it told day from month, and
   * nothing of it was read.
   */
  @Test
  public void aFileIsReadAsOneWithTheSameHeadingsWas() throws Exception {
    String headings = "Pedido,Fecha,SKU,Unidades\n";
    JsonNode first = look(headings + "M-1,28/10/2026,look-pot-1,1\n");
    asking(first.path("id").asString(), "import", "{}").andExpect(status().isOk());
    JsonNode next = look(headings + "M-2,03/11/2026,look-pot-1,1\n");
    assertEquals(next.path("dates").path("unclear").asString(), "");
    assertEquals(next.path("dates").path("order").asString(), "DAY_FIRST");
    assertEquals(next.path("trial").path("taken").asInt(), 1);
    JsonNode clear = look(headings + "M-3,10/28/2026,look-pot-1,1\nM-4,03/11/2026,look-pot-1,1\n");
    assertEquals(
        clear.path("dates").path("order").asString(), "MONTH_FIRST", "what it says goes before");
    JsonNode other = look("Order,Fecha,SKU\nM-2,03/11/2026,look-pot-1\n");
    assertEquals(other.path("dates").path("unclear").asString(), "03/11/2026");
  }

  @Test
  public void columnsAreRememberedToo() throws Exception {
    String headings = "Q1,Q2,Q3\n";
    String id = look(headings + "K-1,2026-11-02,look-pot-1\n").path("id").asString();
    asking(
            id,
            "import",
            "{\"kind\":\"ORDERS\",\"columns\":{\"orderNumber\":0,\"orderDate\":1,\"sku\":2}}")
        .andExpect(status().isOk());
    JsonNode next = look(headings + "K-2,2026-11-03,look-pot-1\n");
    assertEquals(next.path("kind").asString(), "ORDERS");
    assertEquals(terms(next), List.of("Q1=orderNumber", "Q2=orderDate", "Q3=sku"));
  }

  @Test
  public void aColumnThatNamesNothingSoldIsDoubtful() throws Exception {
    JsonNode look = look("Order,Date,SKU\nD-1,2026-11-02,other-1\nD-2,2026-11-02,look-pot-1x\n");
    JsonNode sku = look.path("columns").path(2);
    assertEquals(sku.path("proof").asString(), "0 of 2 are in your catalogue");
    assertTrue(sku.path("isDoubtful").asBoolean());
    assertEquals(
        look.path("trial").path("so").asString(),
        "No order can be imported. 2 lines can’t be read.");
  }

  @Test
  public void aFileThatNobodyCameBackToGoesAfterTwoDays() throws Exception {
    String id = look("Order,Date,SKU\nE-1,2026-11-02,look-pot-1\n").path("id").asString();
    clock.pass(Duration.ofHours(47));
    look("Order,Date,SKU\nE-2,2026-11-02,look-pot-1\n");
    asking(id, "trial", "{}").andExpect(status().isOk());
    clock.pass(Duration.ofHours(2));
    look("Order,Date,SKU\nE-3,2026-11-02,look-pot-1\n");
    asking(id, "trial", "{}").andExpect(status().isNotFound());
  }

  /** What was held for a look was read as it was found then, whatever the owner had chosen. */
  @Test
  public void whatIsHeldIsReadAsItWasChosen() throws Exception {
    product("look-held-a");
    product("look-held-b");
    String id = look("Z1,Z2\nHeld thing,12.00\n").path("id").asString();
    JsonNode held =
        body(
            asking(
                id,
                "import",
                "{\"kind\":\"PRODUCTS\",\"whole\":true,"
                    + "\"columns\":{\"name\":0,\"price\":1}}"));
    assertEquals(held.path("run").path("state").asString(), "NEEDS_APPROVAL", held.toString());
    // another file with the same headings is read otherwise meanwhile
    String other = look("Z1,Z2\n5.00,Other thing\n").path("id").asString();
    asking(other, "import", "{\"kind\":\"PRODUCTS\",\"columns\":{\"name\":1,\"price\":0}}")
        .andExpect(status().isOk());
    long run = held.path("run").path("id").asLong();
    JsonNode done =
        body(
            http.perform(
                MockMvcRequestBuilders.post("/api/v1/feeds/runs/" + run + "/apply")
                    .header("Authorization", "Bearer " + KEY)));
    assertEquals(done.path("run").path("taken").asInt(), 1, done.toString());
    assertEquals(body(ask("/api/v1/products/held-thing")).path("title").asString(), "Held thing");
  }

  @Test
  public void aProgramSaysTheOrderOfItsDates() throws Exception {
    byte[] file = "Order,Day,SKU\nP-1,03/04/2026,look-pot-1\n".getBytes(StandardCharsets.UTF_8);
    JsonNode run =
        body(
            http.perform(
                MockMvcRequestBuilders.multipart("/api/v1/feeds/orders/files")
                    .file(new MockMultipartFile("file", "o.csv", "text/csv", file))
                    .param("dateOrder", "MONTH_FIRST")
                    .header("Authorization", "Bearer " + KEY)));
    assertEquals(run.path("run").path("taken").asInt(), 1, run.toString());
  }

  @Test
  public void whatIsNoTableIsRefusedInWords() throws Exception {
    looking("x.csv", new byte[0]).andExpect(status().isUnprocessableContent());
    looking("x.csv", "a,".repeat(5000).getBytes(StandardCharsets.UTF_8))
        .andExpect(status().isUnprocessableContent());
    looking("x.html", "<!doctype html><p>hi</p>".getBytes(StandardCharsets.UTF_8))
        .andExpect(status().isUnprocessableContent());
  }
}
