package nodyes.server.delivery;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.Gaps;
import nodyes.server.nods.Nods;
import nodyes.server.shop.Shop;
import nodyes.server.timing.PublicHolidays;
import nodyes.server.web.Refusal;
import nodyes.server.web.Sha256;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The draft's timings. Each change is one of the whole, and can be taken back. */
@RestController
@Tag(name = "delivery")
@RequestMapping("/api/v1/delivery")
class DeliveryApi {
  private static final int REVISION_LENGTH = 16;

  private final Nods nods;
  private final KnownShop known;
  private final PublicHolidays holidays;
  private final Shop shop;
  private final Clock clock;

  DeliveryApi(Nods nods, KnownShop known, PublicHolidays holidays, Shop shop, Clock clock) {
    this.nods = nods;
    this.known = known;
    this.holidays = holidays;
    this.shop = shop;
    this.clock = clock;
  }

  /** Something that is missing or hardly meant. */
  record GapView(String where, String words) {}

  /**
   * The timings, and what is to be said of them.
   *
   * @param revision of the settings, to be given back with a change
   * @param published whether shoppers get just these
   */
  record DeliveryView(
      String revision, SettingsView settings, List<GapView> gaps, boolean published) {}

  /**
   * Other timings.
   *
   * @param revision as whoever changes them last saw it
   * @param words what is done, for the list of steps
   */
  record DeliveryChange(String revision, String words, SettingsView settings) {}

  record CountryName(String code, String name) {}

  /** What can be chosen from: every country, and those whose holidays are known. */
  record Choice(List<CountryName> countries, List<PublicHolidays.Country> holidays) {}

  @GetMapping
  DeliveryView get() {
    DeliverySettings settings = nods.draft().delivery();
    LocalDate today = LocalDate.ofInstant(clock.instant(), shop.settings().zone());
    return new DeliveryView(
        revision(settings),
        SettingsViews.of(settings),
        Gaps.of(settings, known.now(), today).stream()
            .map(gap -> new GapView(gap.where(), gap.words()))
            .toList(),
        settings.equals(nods.published().delivery()));
  }

  @PutMapping
  DeliveryView set(@RequestBody DeliveryChange change, Authentication who) {
    DeliverySettings wanted = SettingsReader.read(change.settings(), holidays);
    String words = change.words().strip();
    nods.changeDelivery(
        "Delivery: "
            + (words.isEmpty() ? "changed" : words.substring(0, Math.min(80, words.length()))),
        who.getName(),
        before -> {
          if (!revision(before).equals(change.revision())) {
            throw changedMeanwhile();
          }
          return wanted;
        });
    return get();
  }

  static Refusal changedMeanwhile() {
    return new Refusal(
        HttpStatus.CONFLICT,
        "The timings were changed in another window meanwhile. Nothing was overwritten.");
  }

  @GetMapping("/choice")
  Choice choice() {
    return new Choice(
        java.util.Arrays.stream(Locale.getISOCountries())
            .map(
                code ->
                    new CountryName(code, Locale.of("", code).getDisplayCountry(Locale.ENGLISH)))
            .sorted(java.util.Comparator.comparing(CountryName::name))
            .toList(),
        holidays.countries());
  }

  /** Settings that are the same have the same. */
  static String revision(DeliverySettings settings) {
    byte[] hash = Sha256.of(SettingsViews.of(settings).toString().getBytes(StandardCharsets.UTF_8));
    return java.util.HexFormat.of().formatHex(hash).substring(0, REVISION_LENGTH);
  }
}
