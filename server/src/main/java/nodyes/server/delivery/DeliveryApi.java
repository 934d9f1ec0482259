package nodyes.server.delivery;

import static nodyes.server.messages.Texts.text;

import com.ibm.icu.text.Collator;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.SettingsCheck;
import nodyes.server.estimates.PublicHolidays;
import nodyes.server.messages.Texts;
import nodyes.server.messages.Written;
import nodyes.server.nods.Nods;
import nodyes.server.shop.ShopClock;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Sha256;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The draft's delivery rules. Each change is one of the whole, and can be undone. */
@RestController
@Tag(name = "delivery")
@RequestMapping("/api/v1/delivery")
class DeliveryApi {
  private static final int REVISION_LENGTH = 16;
  private static final int MOST_LETTERS = 80;

  private final Nods nods;
  private final RuleTargets known;
  private final PublicHolidays holidays;
  private final ShopClock clock;

  DeliveryApi(Nods nods, RuleTargets known, PublicHolidays holidays, ShopClock clock) {
    this.nods = nods;
    this.known = known;
    this.holidays = holidays;
    this.clock = clock;
  }

  /** Something that is missing or hardly meant. */
  record GapView(String where, String text) {}

  /**
   * The delivery rules, and what is to be said of them.
   *
   * @param revision of the settings, to be given back with a change
   * @param published whether shoppers get just these
   */
  record DeliveryView(
      String revision, SettingsView settings, List<GapView> gaps, boolean published) {}

  /**
   * Other delivery rules.
   *
   * @param revision as whoever changes them last saw it
   * @param message what is done, for the list of steps
   */
  record DeliveryChange(String revision, String message, SettingsView settings) {}

  record CountryName(String code, String name) {}

  /** What can be chosen from: every country, and those whose holidays are known. */
  record Choice(List<CountryName> countries, List<PublicHolidays.Country> holidays) {}

  @GetMapping
  DeliveryView get() {
    DeliverySettings settings = nods.draft().delivery();
    LocalDate today = clock.today();
    return new DeliveryView(
        revision(settings),
        SettingsViews.of(settings),
        SettingsCheck.of(settings, known.now(), today).stream()
            .map(gap -> new GapView(gap.where(), GapWords.of(gap)))
            .toList(),
        settings.equals(nods.published().delivery()));
  }

  @PutMapping
  DeliveryView set(@RequestBody DeliveryChange change, Authentication who) {
    DeliverySettings wanted = SettingsReader.read(change.settings(), holidays);
    Locale written = Texts.spoken();
    nods.changeDelivery(
        () -> message(change.message().strip(), written),
        who.getName(),
        before -> {
          if (!revision(before).equals(change.revision())) {
            throw changedMeanwhile();
          }
          // a program that knows nothing of returns leaves them as they are
          return change.settings().returns() == null ? wanted.returned(before.returns()) : wanted;
        });
    return get();
  }

  /** What a page says of its change stands in the language that it was made in alone. */
  private static String message(String what, Locale written) {
    return what.isEmpty() || !Texts.spoken().equals(written)
        ? text("changes.delivery")
        : text("steps.delivery", "what", what.substring(0, Math.min(MOST_LETTERS, what.length())));
  }

  static ApiProblem changedMeanwhile() {
    return new ApiProblem(HttpStatus.CONFLICT, text("delivery.changedElsewhere"));
  }

  @GetMapping("/choice")
  Choice choice() {
    return new Choice(
        Arrays.stream(Locale.getISOCountries())
            .map(code -> new CountryName(code, Written.country(code)))
            .sorted(Comparator.comparing(CountryName::name, Collator.getInstance(Texts.locale())))
            .toList(),
        holidays.countries());
  }

  /** Settings that are the same have the same. */
  static String revision(DeliverySettings settings) {
    byte[] hash = Sha256.of(SettingsViews.of(settings).toString().getBytes(StandardCharsets.UTF_8));
    return java.util.HexFormat.of().formatHex(hash).substring(0, REVISION_LENGTH);
  }
}
