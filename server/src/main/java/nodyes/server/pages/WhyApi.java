package nodyes.server.pages;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Clock;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nodyes.core.audience.Finding;
import nodyes.core.common.NodId;
import nodyes.core.common.Slug;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.core.showing.Because;
import nodyes.core.showing.BecauseSentence;
import nodyes.core.showing.Facts;
import nodyes.core.showing.Page;
import nodyes.server.nods.Nods;
import nodyes.server.shop.Shop;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** One answer to why a nod is not on a product's page, from the script to the last condition. */
@RestController
@Tag(name = "why")
@RequestMapping("/api/v1/page/why")
class WhyApi {
  private final FactLoader facts;
  private final NodFacts nodFacts;
  private final Nods nods;
  private final Shop shop;
  private final PageCheck check;
  private final Sightings sightings;
  private final Clock clock;

  WhyApi(
      FactLoader facts,
      NodFacts nodFacts,
      Nods nods,
      Shop shop,
      PageCheck check,
      Sightings sightings,
      Clock clock) {
    this.nodFacts = nodFacts;
    this.facts = facts;
    this.nods = nods;
    this.shop = shop;
    this.check = check;
    this.sightings = sightings;
    this.clock = clock;
  }

  /** Which nod, on the page of which product or listing, for whom and when. */
  record WhyAsked(
      String nod,
      String kind,
      String product,
      @Nullable String of,
      @Nullable String variant,
      @Nullable String country,
      @Nullable String lang,
      @Nullable String screen,
      @Nullable String at) {}

  /** Whether a thing that a nod needs is so. */
  enum Standing {
    SO,
    NOT_SO,
    UNKNOWN
  }

  /** One thing that a nod needs. */
  record Need(String what, Standing standing, String text) {}

  /** Whether shoppers get it, in one sentence, and all that it needs. */
  record Why(boolean shows, String answer, List<Need> needs) {}

  @GetMapping
  Why why(@ParameterObject WhyAsked asked) {
    NodId id = new NodId(asked.nod());
    Optional<Nod> drafted = find(nods.draft().nods(), id);
    Optional<Nod> published = find(nods.published().nods(), id);
    if (drafted.isEmpty() && published.isEmpty()) {
      throw Refusal.notFound("There is no such nod.");
    }
    var needs = new ArrayList<Need>();
    Viewpoint viewpoint = viewpoint(asked);
    onPage(asked, drafted.or(() -> published).orElseThrow(), viewpoint.page(), needs);
    settings(drafted, published, needs);
    published.or(() -> drafted).ifPresent(nod -> conditions(nod, asked, viewpoint, needs));
    Optional<Need> first =
        needs.stream().filter(need -> need.standing() != Standing.SO).findFirst();
    return new Why(
        first.isEmpty(),
        first
            .map(need -> "Shoppers do not get it: " + need.text() + ".")
            .orElse("Shoppers get it: all that it needs is so."),
        needs);
  }

  private static Optional<Nod> find(List<Nod> all, NodId id) {
    return all.stream().filter(nod -> nod.id().equals(id)).findFirst();
  }

  private Viewpoint viewpoint(WhyAsked asked) {
    return Viewpoints.orderedThen(
        Viewpoints.of(
                asked.kind(),
                asked.product(),
                asked.variant(),
                asked.country(),
                asked.lang(),
                Viewpoints.moment(asked.at(), shop.settings().zone(), clock.instant()))
            .on(
                java.util.Arrays.stream(Viewpoint.Screen.values())
                    .filter(screen -> screen.name().equalsIgnoreCase(asked.screen()))
                    .findFirst()));
  }

  /** Script and spot, as a fetch of the page finds them. */
  private void onPage(WhyAsked asked, Nod nod, PageKind kind, List<Need> needs) {
    PageCheck.Checked page;
    try {
      page = check.one(kind, kind == PageKind.LISTING ? asked.of() : asked.product(), "");
    } catch (Refusal e) {
      needs.add(need("script", Standing.UNKNOWN, String.valueOf(e.getMessage())));
      return;
    }
    boolean wasSeen = sightings.all().containsKey(kind);
    if (page.failure() != null) {
      needs.add(
          wasSeen
              ? need("script", Standing.SO, "the script has asked for " + kind.one() + " before")
              : need(
                  "script",
                  Standing.UNKNOWN,
                  "the page could not be looked at: " + page.failure()));
      return;
    }
    needs.add(
        page.hasScript()
            ? need("script", Standing.SO, "the script is on the page")
            : need("script", Standing.NOT_SO, LivePages.noScript(page)));
    page.marks().forEach(mark -> needs.add(need("page", Standing.NOT_SO, mark)));
    String spot = nod.placement().spot().name();
    boolean there =
        page.spots().contains(spot)
            || page.pointed().stream()
                .anyMatch(found -> found.name().equals(spot) && found.matches() > 0);
    needs.add(
        there
            ? need("spot", Standing.SO, "the page has its spot, " + spot)
            : need("spot", Standing.NOT_SO, "the page has no spot named " + spot));
  }

  private static void settings(Optional<Nod> drafted, Optional<Nod> published, List<Need> needs) {
    if (published.isEmpty()) {
      needs.add(need("published", Standing.NOT_SO, "it is in your draft alone and not published"));
    } else if (drafted.isEmpty()) {
      needs.add(need("published", Standing.SO, "it is published, and your draft removes it"));
    } else if (drafted.equals(published)) {
      needs.add(need("published", Standing.SO, "it is published as you see it"));
    } else {
      needs.add(
          need(
              "published", Standing.SO, "it is published; your draft changes it, unpublished yet"));
    }
  }

  private void conditions(Nod nod, WhyAsked asked, Viewpoint viewpoint, List<Need> needs) {
    ZoneId zone = shop.settings().zone();
    Facts loaded = facts.load(nods.published().with(List.of(nod)), viewpoint);
    // how many look is known of now alone
    Facts known = asked.at() == null ? nodFacts.seenNow(loaded) : loaded;
    Slug product =
        Slug.parse(asked.product()).orElseThrow(() -> Refusal.value("product", "is no slug"));
    for (Page.Placed placed : Page.placed(List.of(nod), known, viewpoint)) {
      if (!placed.product().equals(product)) {
        continue;
      }
      Because because = placed.verdict().because();
      for (Finding finding : because.findings()) {
        if (!finding.met() && !because.missing().contains(finding)) {
          continue; // another one makes up for it
        }
        needs.add(
            need(
                finding.fact().words(),
                switch (finding.standing()) {
                  case MET -> Standing.SO;
                  case NOT_MET -> Standing.NOT_SO;
                  case UNKNOWN -> Standing.UNKNOWN;
                },
                BecauseSentence.clause(finding, zone)));
      }
    }
  }

  private static Need need(String what, Standing standing, String text) {
    return new Need(what, standing, text.replaceFirst("\\.$", ""));
  }
}
