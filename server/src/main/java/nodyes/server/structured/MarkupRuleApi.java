package nodyes.server.structured;

import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What of the reviews machines are told. */
@RestController
@Tag(name = "own-reviews")
@RequestMapping("/api/v1/structured/rule")
class MarkupRuleApi {
  private final MarkupRuleStore rules;

  MarkupRuleApi(MarkupRuleStore rules) {
    this.rules = rules;
  }

  /** Whether reviews that were brought in count in structured data, beside those written here. */
  record MarkupRule(boolean countsBroughtIn) {}

  @GetMapping
  MarkupRule get() {
    return new MarkupRule(rules.countsBroughtIn());
  }

  @PutMapping
  MarkupRule put(@RequestBody MarkupRule wanted) {
    rules.save(wanted.countsBroughtIn());
    return get();
  }
}
