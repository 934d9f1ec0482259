package nodyes.server.listing;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import nodyes.server.web.Refusal;
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
@RequestMapping("/api/v1/listing")
class ListingApi {
  private final Listing listing;

  ListingApi(Listing listing) {
    this.listing = listing;
  }

  record ListingConnection(
      @NotBlank(message = "give the address of the directory's service")
          @Size(max = 500, message = "at most 500 characters")
          String service,
      @NotBlank(message = "give the id of your place")
          @Size(max = 200, message = "at most 200 characters")
          String place,
      @Nullable @Size(max = 500, message = "at most 500 characters") String key,
      @Min(value = 1, message = "1 to 5 stars") @Max(value = 5, message = "1 to 5 stars")
          int leastStars,
      @Min(value = 1, message = "once an hour at most")
          @Max(value = 720, message = "every 30 days at least")
          int everyHours) {}

  /** The entry; none where no directory is connected. */
  record MaybeListing(@Nullable ListingView listing) {}

  @GetMapping
  MaybeListing get() {
    return new MaybeListing(listing.find().orElse(null));
  }

  @PutMapping
  ListingView connect(@Valid @RequestBody ListingConnection given) {
    return listing.connect(
        new Listing.Connection(
            given.service(), given.place(), given.leastStars(), given.everyHours()),
        Optional.ofNullable(given.key()).filter(key -> !key.isBlank()));
  }

  @PostMapping("/refresh")
  ListingView refresh() {
    ListingView view = listing.refresh();
    if (view.failure() != null) {
      throw new Refusal(HttpStatus.BAD_GATEWAY, view.failure() + " What was here before stays.");
    }
    return view;
  }

  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void disconnect() {
    listing.disconnect();
  }
}
