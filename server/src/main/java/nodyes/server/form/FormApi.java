package nodyes.server.form;

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
import nodyes.core.form.Criterion;
import nodyes.core.form.FormField;
import nodyes.core.form.FormRules;
import nodyes.server.reviews.Criteria;
import nodyes.server.web.Refusal;
import nodyes.server.web.Refusal.Fault;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the owner wants asked. */
@RestController
@Tag(name = "own-reviews")
@RequestMapping("/api/v1/own-reviews/form")
class FormApi {
  private static final int LONGEST_NAME = 60;

  private final Forms forms;
  private final Criteria criteria;

  FormApi(Forms forms, Criteria criteria) {
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
      @Min(value = 1, message = "is 1 to 10") @Max(value = 10, message = "is 1 to 10")
          int mostPictures,
      @Min(value = 1, message = "is 1 to 20 MB") @Max(value = 20, message = "is 1 to 20 MB")
          int largestPicture,
      @Valid @Size(max = 12, message = "at most 12 things") List<CriterionSet> criteria) {}

  @GetMapping
  FormSet get() {
    FormRules rules = forms.rules();
    return new FormSet(
        rules.fields(),
        rules.mostPictures(),
        rules.largestPicture(),
        criteria.all().stream()
            .filter(Criterion::isAsked)
            .map(one -> new CriterionSet(one.id(), one.names(), one.category().orElse(null)))
            .toList());
  }

  @PutMapping
  FormSet put(@Valid @RequestBody FormSet wanted) {
    List<Criterion> asked = checked(wanted.criteria());
    forms.save(new FormRules(wanted.fields(), wanted.mostPictures(), wanted.largestPicture()));
    criteria.set(asked);
    return get();
  }

  private static List<Criterion> checked(List<CriterionSet> wanted) {
    var faults = new ArrayList<Fault>();
    var asked = new ArrayList<Criterion>();
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
        faults.add(new Fault(field, "needs a name"));
      } else if (names.values().stream().anyMatch(name -> name.length() > LONGEST_NAME)) {
        faults.add(new Fault(field, "has a name of at most 60 characters"));
      } else if (names.keySet().stream().anyMatch(language -> !language.matches("[a-z]{2,3}"))) {
        faults.add(new Fault(field, "names its languages by codes such as en"));
      } else if (one.id() != 0 && !ids.add(one.id())) {
        faults.add(new Fault(field, "is there twice"));
      } else {
        asked.add(new Criterion(one.id(), names, Optional.ofNullable(one.category()), true));
      }
    }
    Refusal.ifAny(faults);
    return asked;
  }
}
