package nodyes.server.reviewform;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.reviewform.FormField;
import nodyes.core.reviewform.FormRules;
import nodyes.core.reviewform.ReviewAspect;
import nodyes.server.reviews.Criteria;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.ApiProblem.FieldError;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the owner wants asked. */
@RestController
@Tag(name = "own-reviews")
@RequestMapping("/api/v1/review-form")
class ReviewFormSettingsApi {
  private static final int LONGEST_NAME = 60;

  private final Forms forms;
  private final Criteria criteria;

  ReviewFormSettingsApi(Forms forms, Criteria criteria) {
    this.forms = forms;
    this.criteria = criteria;
  }

  /**
   * A single thing that reviews rate.
   *
   * @param id 0 for a new one
   * @param names by language
   * @param category slug of the category whose products are asked about it; missing for all
   */
  record CriterionSet(long id, Map<String, String> names, @Nullable String category) {}

  /** What is asked, and the single things in their order. */
  record FormSet(
      Map<FormField, FormField.Asked> fields,
      @Min(value = 1, message = "{form.pictures}") @Max(value = 10, message = "{form.pictures}")
          int mostPictures,
      @Min(value = 1, message = "{form.megabytes}") @Max(value = 20, message = "{form.megabytes}")
          int largestPicture,
      @Valid @Size(max = 12, message = "{form.tooManyCriteria}") List<CriterionSet> criteria) {}

  @GetMapping
  FormSet get() {
    FormRules rules = forms.rules();
    return new FormSet(
        rules.fields(),
        rules.mostPictures(),
        rules.largestPicture(),
        criteria.all().stream()
            .filter(ReviewAspect::isAsked)
            .map(one -> new CriterionSet(one.id(), one.names(), one.category().orElse(null)))
            .toList());
  }

  @PutMapping
  FormSet put(@Valid @RequestBody FormSet wanted) {
    List<ReviewAspect> asked = checked(wanted.criteria());
    forms.save(new FormRules(wanted.fields(), wanted.mostPictures(), wanted.largestPicture()));
    criteria.set(asked);
    return get();
  }

  private static List<ReviewAspect> checked(List<CriterionSet> wanted) {
    var faults = new ArrayList<FieldError>();
    var asked = new ArrayList<ReviewAspect>();
    var ids = new HashSet<Long>();
    for (int i = 0; i < wanted.size(); i++) {
      CriterionSet one = wanted.get(i);
      String field = "criteria." + (i + 1);
      var names = new HashMap<String, String>();
      one.names()
          .forEach(
              (language, name) -> {
                if (!name.isBlank()) {
                  names.put(language, name.strip());
                }
              });
      if (names.isEmpty()) {
        faults.add(new FieldError(field, text("form.criterionName")));
      } else if (names.values().stream().anyMatch(name -> name.length() > LONGEST_NAME)) {
        faults.add(new FieldError(field, text("form.criterionTooLong")));
      } else if (names.keySet().stream().anyMatch(language -> !language.matches("[a-z]{2,3}"))) {
        faults.add(new FieldError(field, text("form.criterionLanguages")));
      } else if (one.id() != 0 && !ids.add(one.id())) {
        faults.add(new FieldError(field, text("form.twice")));
      } else {
        asked.add(new ReviewAspect(one.id(), names, Optional.ofNullable(one.category()), true));
      }
    }
    ApiProblem.ifAny(faults);
    return asked;
  }
}
