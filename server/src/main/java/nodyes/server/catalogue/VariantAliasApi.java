package nodyes.server.catalogue;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.PagedResult;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Which variant files of orders mean by a name that the catalogue does not know. */
@RestController
@Tag(name = "catalogue")
@RequestMapping("/api/v1/catalogue/variant-names")
class VariantAliasApi {
  private static final int LONGEST = 300;

  private final VariantAliasStore store;

  VariantAliasApi(VariantAliasStore store) {
    this.store = store;
  }

  /** A name as a file writes it, and the SKU that it means. */
  record VariantName(
      @NotNull(message = "{problems.missing}") String name,
      @NotNull(message = "{problems.missing}") String sku) {}

  @GetMapping
  PagedResult<VariantAliasStore.VariantAlias> said(
      @RequestParam(defaultValue = "1") int page, @RequestParam(defaultValue = "50") int size) {
    return store.said(PagedResult.page(page), PagedResult.size(size));
  }

  @PutMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void say(@Valid @RequestBody VariantName said) {
    if (SkuFinder.plain(said.name()).isEmpty() || said.name().length() > LONGEST) {
      throw ApiProblem.value("name", text("feeds.variantName", "most", LONGEST));
    }
    if (!store.say(said.name(), said.sku())) {
      throw ApiProblem.value("sku", text("feeds.noProductWithSku", "sku", said.sku()));
    }
  }

  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@RequestParam String name) {
    store.forget(name);
  }
}
