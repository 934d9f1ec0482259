package nodyes.server.submissions;

import static nodyes.server.messages.Texts.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.core.reviewform.FormField;
import nodyes.core.reviewform.FormRules;
import nodyes.core.reviewform.ReviewAspect;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.CatalogueProduct;
import nodyes.server.outbound.OutgoingMail;
import nodyes.server.reviewform.Forms;
import nodyes.server.reviews.Criteria;
import nodyes.server.submissions.ReviewSubmissions.SubmittedReview;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.ApiProblem.FieldError;
import nodyes.server.web.Given;
import org.springframework.stereotype.Component;

/**
 * Whether what a shopper wrote can be taken: of a product that is sold, as the form asks for it.
 */
@Component
class SubmissionValidator {
  private final Catalogue catalogue;
  private final Criteria criteria;
  private final Forms forms;

  SubmissionValidator(Catalogue catalogue, Criteria criteria, Forms forms) {
    this.catalogue = catalogue;
    this.criteria = criteria;
    this.forms = forms;
  }

  /** Refuses what cannot be taken, field by field; the product it is of. */
  CatalogueProduct check(SubmittedReview written) {
    CatalogueProduct product = product(written.product());
    check(written, product);
    return product;
  }

  private CatalogueProduct product(String slug) {
    return Slug.parse(slug)
        .flatMap(one -> Optional.ofNullable(catalogue.find(List.of(one)).get(one)))
        .orElseThrow(() -> ApiProblem.value("product", text("problems.notInCatalogue")));
  }

  private void check(SubmittedReview written, CatalogueProduct product) {
    List<Long> asked =
        criteria.askedOf(product.categories()).stream().map(ReviewAspect::id).toList();
    var faults = new ArrayList<FieldError>();
    forms
        .rules()
        .problems(
            written.stars(),
            written.texts(),
            new FormRules.Rated(written.criteria().size(), asked.size()),
            written.pictures().size())
        .forEach(
            problem ->
                faults.add(
                    new FieldError(
                        problem.field(),
                        problem.fault().name().toLowerCase(Locale.ROOT).replace('_', '-'))));
    written
        .text(FormField.EMAIL)
        .filter(address -> !OutgoingMail.isAddress(address))
        .ifPresent(_ -> faults.add(new FieldError("email", "no-address")));
    if (!asked.containsAll(written.criteria().keySet())
        || written.criteria().values().stream().anyMatch(stars -> stars < 1 || stars > 5)) {
      faults.add(new FieldError("criteria", "gone"));
    }
    if (!forms.sent(written.pictures()).containsAll(written.pictures())) {
      faults.add(new FieldError("pictures", "gone"));
    }
    Optional<String> variant = Given.text(written.variant());
    if (variant.isPresent() && !catalogue.variants(written.product()).contains(variant.get())) {
      faults.add(new FieldError("variant", text("reviews.variantNotSold")));
    }
    ApiProblem.ifAny(faults);
  }
}
