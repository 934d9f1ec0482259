package nodyes.core.imports;

import static org.testng.Assert.assertEquals;

import java.text.NumberFormat;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FeedColumnNamesTest {
  @DataProvider
  Object[][] products() {
    return new Object[][] {
      {"SKU,Title,Price,Currency,Stock", "sku=0,name=1,price=2,priceCurrency=3,inventoryLevel=4"},
      {"Artikelnummer,Bezeichnung,Preis,Bestand", "sku=0,name=1,price=2,inventoryLevel=3"},
      {"Produto,Tamanho,Preço,Existências", "name=0,size=1,price=2,inventoryLevel=3"},
      // a term's own name is no word for another thing
      {"title,name,productGroupID", "name=1,productGroupID=2"},
      {"Product ID,Product,Description", "productGroupID=0,name=1,description=2"},
      {"colour,weight", ""},
      {"Item no.,Section,Price (EUR),Was", "sku=0,category=1,price=2,strikethroughPrice=3"},
      {"Code,Name,Regular price,Sale price", "sku=0,name=1,strikethroughPrice=2,price=3"},
      {"Ref.,Nome,PVP,PVP antigo", "sku=0,name=1,price=2,strikethroughPrice=3"},
      // beside a price of its own it is the one that is recommended
      {"Ref.,Preço,PVP", "sku=0,price=1,listPrice=2"},
      {
        "Artikelnr.,Bezeichnung,Preis,UVP,Alter Preis",
        "sku=0,name=1,price=2,listPrice=3,strikethroughPrice=4"
      },
      {"Référence,Désignation,Prix TTC,Prix barré", "sku=0,name=1,price=2,strikethroughPrice=3"},
      {
        "Código,Nombre,Precio,Precio anterior,Existencias",
        "sku=0,name=1,price=2,strikethroughPrice=3,inventoryLevel=4"
      },
    };
  }

  @Test(dataProvider = "products")
  public void columnsOfATableOfProducts(String headings, String expected) {
    assertEquals(FeedColumnNames.products(List.of(headings.split(","))), columns(expected));
  }

  @Test
  public void columnsOfATableOfOrders() {
    assertEquals(
        FeedColumnNames.orders(List.of("Bestellnummer", "Datum", "SKU", "Menge", "Land", "notes")),
        columns("orderNumber=0,orderDate=1,sku=2,orderQuantity=3,addressCountry=4"));
  }

  @Test
  public void columnsOfOrdersInOtherLanguages() {
    assertEquals(
        FeedColumnNames.orders(List.of("Nº pedido", "Fecha", "Referencia", "Cant.", "Ciudad")),
        columns("orderNumber=0,orderDate=1,sku=2,orderQuantity=3,addressLocality=4"));
    assertEquals(
        FeedColumnNames.orders(
            List.of("Commande", "Date de commande", "Réf.", "Qté", "Expédié", "Livré")),
        columns("orderNumber=0,orderDate=1,sku=2,orderQuantity=3,shipped=4,arrived=5"));
  }

  private static Map<String, Integer> columns(String text) {
    var columns = new java.util.HashMap<String, Integer>();
    for (String part : text.isEmpty() ? new String[0] : text.split(",")) {
      String[] sides = part.split("=");
      columns.put(sides[0], Integer.valueOf(sides[1]));
    }
    return columns;
  }

  @DataProvider
  Object[][] currencies() {
    return new Object[][] {
      {"€32", "EUR", ""},
      {"32,00 EUR", "EUR", ""},
      {"32", "EUR", ""},
      {"$32", "EUR", "$"},
      {"32 USD", "EUR", "USD"},
      {"¥1,200", "JPY", ""},
      {"¥1,200", "EUR", "¥"},
      {"$32", "CAD", ""},
      {"£5", "GBP", ""},
      {"£5", "EUR", "£"},
      {"12.50 pcs", "EUR", ""},
    };
  }

  /** Signs by CLDR, as the JDK carries it. */
  @Test(dataProvider = "currencies")
  public void anotherCurrencyIsNotTakenForTheShops(String text, String own, String other) {
    assertEquals(AmountParser.otherCurrency(text, own).orElse(""), other);
  }

  @DataProvider
  Object[][] amounts() {
    return new Object[][] {
      {"14", "14"},
      {" 14.5 ", "14.5"},
      {"€14.00", "14.00"},
      {"1.234,50 €", "1234.50"},
      {"1,234.50", "1234.50"},
      {"12.5", "12.5"},
      // thousands or a fraction? Better told than guessed
      {"1.234", null},
      {"12,500", null},
      {"1.234.567", "1234567"},
      {"1 234", "1234"},
      {"12'500.00", "12500.00"},
      {"EUR 9,90", "9.90"},
      {"soon", null},
      {"14,00 or 15,00", null},
      {"-3", null},
      {"1.23.4", null},
      {"1.234.5", null},
      {"1,234.567", "1234.567"},
      {"", null},
    };
  }

  @Test(dataProvider = "amounts")
  public void amountsAsPeopleWriteThem(String written, String digits) {
    assertEquals(AmountParser.digits(written, 2), Optional.ofNullable(digits));
  }

  /** ISO 4217: the yen has no fraction, the Kuwaiti dinar has three digits of it. */
  @Test
  public void theCurrencyTellsAFractionFromThousands() {
    assertEquals(AmountParser.digits("¥1,234", 0), Optional.of("1234"));
    assertEquals(AmountParser.digits("KWD 1.250", 3), Optional.of("1.250"));
    assertEquals(AmountParser.digits("1,250", 3), Optional.of("1.250"));
    assertEquals(AmountParser.digits("1,234.250", 3), Optional.of("1234.250"));
  }

  /** As CLDR, which the JDK's number formats come from, writes amounts of money. */
  @Test
  public void amountsAsCldrWritesThemInEachCountry() {
    for (String tag :
        List.of(
            "en-GB", "en-US", "pt-PT", "pt-BR", "de-DE", "de-AT", "de-CH", "es-ES", "fr-FR",
            "fr-CH", "it-IT", "nl-NL", "pl-PL", "sv-SE", "cs-CZ", "ja-JP", "en-KW")) {
      Locale place = Locale.forLanguageTag(tag);
      NumberFormat money = NumberFormat.getCurrencyInstance(place);
      for (double amount : new double[] {7, 14.5, 999.99, 1234.5, 98765.43, 1234567.89}) {
        Currency currency = Currency.getInstance(place);
        String digits =
            AmountParser.digits(money.format(amount), currency.getDefaultFractionDigits())
                .orElse(tag + " " + money.format(amount));
        double smallest = Math.pow(10, -currency.getDefaultFractionDigits());
        assertEquals(Double.parseDouble(digits), amount, smallest / 2 + 1e-9, money.format(amount));
      }
    }
  }
}
