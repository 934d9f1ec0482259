package nodyes.server.catalogue;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.util.List;
import nodyes.server.web.InTurn;
import nodyes.server.web.JsonLines;
import nodyes.server.web.PagedResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@Tag(name = "catalogue")
@RequestMapping("/api/v1/catalogue")
class CatalogueApi {
  private final Catalogue catalogue;
  private final CatalogueImport imports;
  private final ProductSampleStore picks;
  private final InTurn inTurn;

  CatalogueApi(
      Catalogue catalogue, CatalogueImport imports, ProductSampleStore picks, InTurn inTurn) {
    this.inTurn = inTurn;
    this.catalogue = catalogue;
    this.imports = imports;
    this.picks = picks;
  }

  @GetMapping("/products")
  PagedResult<ProductLine> products(
      @RequestParam(defaultValue = "") String q,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "50") int size) {
    return catalogue.list(q, page, size);
  }

  /** A variant as it is sold. */
  record VariantLine(String sku, String title) {}

  record Variants(List<VariantLine> items) {}

  /** Products that are worth a look, each for another reason. */
  record QuickPicks(List<ProductSample> items) {}

  @GetMapping("/quick-picks")
  QuickPicks quickPicks() {
    return new QuickPicks(picks.all());
  }

  @GetMapping("/products/{slug}/variants")
  Variants variants(@PathVariable String slug) {
    return new Variants(
        catalogue.variantsBySku(slug).entrySet().stream()
            .map(variant -> new VariantLine(variant.getKey(), variant.getValue()))
            .toList());
  }

  @GetMapping("/categories")
  PagedResult<CategoryLine> categories(
      @RequestParam(defaultValue = "1") int page, @RequestParam(defaultValue = "100") int size) {
    return catalogue.categories(page, size);
  }

  @PostMapping(value = "/imports", consumes = "multipart/form-data")
  JsonLines.Result read(@RequestParam MultipartFile file) throws IOException {
    try (var reader = JsonLines.open(file)) {
      return inTurn.run(() -> imports.read(reader));
    }
  }
}
