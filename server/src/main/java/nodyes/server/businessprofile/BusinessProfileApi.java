package nodyes.server.businessprofile;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "listing")
@RequestMapping("/api/v1/business-profile")
class BusinessProfileApi {
  private final BusinessProfiles listing;

  BusinessProfileApi(BusinessProfiles listing) {
    this.listing = listing;
  }

  record ListingConnection(
      @NotBlank(message = "{directory.enterAddress}")
          @Size(max = 500, message = "{directory.upTo500}")
          String service,
      @NotBlank(message = "{directory.enterPlace}")
          @Size(max = 200, message = "{directory.upTo200}")
          String place,
      @Nullable @Size(max = 500, message = "{directory.upTo500}") String key,
      @Min(value = 1, message = "{directory.stars}") @Max(value = 5, message = "{directory.stars}")
          int leastStars,
      @Min(value = 1, message = "{directory.hourly}")
          @Max(value = 720, message = "{directory.monthly}")
          int everyHours) {}

  /** The entry; none where no directory is connected. */
  record MaybeListing(@Nullable BusinessProfileView listing) {}

  @GetMapping
  MaybeListing get() {
    return new MaybeListing(listing.find().orElse(null));
  }

  @PutMapping
  BusinessProfileView connect(@Valid @RequestBody ListingConnection given) {
    return listing.connect(
        new BusinessProfiles.Connection(
            given.service(), given.place(), given.leastStars(), given.everyHours()),
        Optional.ofNullable(given.key()).filter(key -> !key.isBlank()));
  }

  @PostMapping("/refresh")
  BusinessProfileView refresh() {
    BusinessProfileView view = listing.refresh();
    if (view.lookup().failure() != null) {
      throw new ApiProblem(
          HttpStatus.BAD_GATEWAY,
          text("directory.previousStays", "failure", view.lookup().failure()));
    }
    return view;
  }

  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void disconnect() {
    listing.disconnect();
  }
}
