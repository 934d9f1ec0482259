package nodyes.core.recognition;

import static org.testng.Assert.assertEquals;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class AddressReaderTest {
  private static final ProductNames SHELF =
      new ShelfOfNames()
          .with("fern-jar", "sku:JAR-1", "sku:JAR-2", "sku:4410")
          .with("jar", "sku:PLAIN")
          .with("café-pot", "sku:7");

  private static Optional<AddressReader.Reading> read(String address) {
    return AddressReader.read(address, SHELF, Set.of("jars", "glass")::contains);
  }

  @DataProvider
  Object[][] examples() {
    return new Object[][] {
      {"/products/fern-jar", "/products/{product}"},
      {"/products/fern-jar/", "/products/{product}"},
      {"/products/fern-jar?from=email", "/products/{product}"},
      {"/p/fern-jar.html", "/p/{product}.html"},
      {"/en/p/fern-jar.html", "/p/{product}.html"},
      {"/fern-jar", "/{product}"},
      {"/jars/glass/fern-jar", "/{any}/{any}/{product}"},
      {"/products/fern-jar?v=JAR-2", "/products/{product}?v={variant}"},
      {"/item.php?id=4410&utm_source=x", "/item.php?id={product}"},
      {"/index.php?page=item&id=4410", "/index.php?page=item&id={product}"},
      {"/?id=4410", "/?id={product}"},
      {"/p/4410-a-jar-of-ferns.html", "/p/{product}-{any}.html"},
      {"/p/a-jar-of-ferns-4410", "/p/{any}-{product}"},
      {"/p/caf%C3%A9-pot", "/p/{product}"},
    };
  }

  @Test(dataProvider = "examples")
  public void aPatternIsLearnedFromOneExample(String address, String pattern) {
    AddressReader.Reading reading = read(address).orElseThrow();
    assertEquals(reading.pattern().template(), pattern);
    assertEquals(
        reading.parts().stream().map(AddressReader.Part::text).collect(Collectors.joining()),
        address.replaceFirst("(?<=.)/$", ""),
        "the parts are the address");
    assertEquals(
        SHELF
            .find(
                Set.of(
                    new Identifier(
                        Identifier.Type.ADDRESS,
                        reading.pattern().match(address).orElseThrow().product().orElseThrow())))
            .values()
            .iterator()
            .next()
            .getFirst()
            .product(),
        reading.product(),
        "what was learned reads its own example");
  }

  @Test
  public void theWholePartGoesBeforeAPieceOfIt() {
    assertEquals(read("/p/fern-jar").orElseThrow().product().value(), "fern-jar");
  }

  @Test
  public void anAddressThatNamesNoProductTeachesNothing() {
    assertEquals(read("/about-us"), Optional.empty());
    assertEquals(read("/"), Optional.empty());
    assertEquals(read(""), Optional.empty());
  }
}
