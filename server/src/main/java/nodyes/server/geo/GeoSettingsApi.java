package nodyes.server.geo;

import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the shopper's country is known. */
@RestController
@Tag(name = "where")
@RequestMapping("/api/v1/geo")
class GeoSettingsApi {
  private final CountryResolver where;

  GeoSettingsApi(CountryResolver where) {
    this.where = where;
  }

  /**
   * What is asked after the shopper's own choice and before the time zone.
   *
   * @param header the header of a proxy that is trusted; empty for none
   * @param looksUp whether countries are looked up by address
   */
  record WhereView(String header, boolean looksUp) {}

  record WhereSet(String header) {}

  @GetMapping
  WhereView get() {
    return new WhereView(where.header(), where.looksUp());
  }

  @PutMapping
  WhereView set(@RequestBody WhereSet wanted) {
    where.trust(wanted.header());
    return get();
  }
}
