package nodyes.server.structureddata;

import io.swagger.v3.oas.annotations.tags.Tag;
import nodyes.server.publishedreviews.StructuredDataPolicy;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What of the reviews machines are told. */
@RestController
@Tag(name = "own-reviews")
@RequestMapping("/api/v1/structured-data-policy")
class StructuredDataPolicyApi {
  private final StructuredDataPolicy rules;

  StructuredDataPolicyApi(StructuredDataPolicy rules) {
    this.rules = rules;
  }

  /** Whether reviews that were imported count in structured data, beside those written here. */
  record MarkupRuleSet(boolean countsBroughtIn) {}

  @GetMapping
  MarkupRuleSet get() {
    return new MarkupRuleSet(rules.countsBroughtIn());
  }

  @PutMapping
  MarkupRuleSet put(@RequestBody MarkupRuleSet wanted) {
    rules.follow(wanted.countsBroughtIn());
    return get();
  }
}
