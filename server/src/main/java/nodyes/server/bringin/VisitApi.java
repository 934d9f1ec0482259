package nodyes.server.bringin;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "bring in")
@RequestMapping("/api/v1/bring-in")
class VisitApi {
  private final Visits visits;

  VisitApi(Visits visits) {
    this.visits = visits;
  }

  record Address(
      @NotBlank(message = "give the address of a page")
          @Size(max = 2000, message = "at most 2,000 characters")
          String address) {}

  record HandedOver(
      @NotBlank(message = "has no address") @Size(max = 2000, message = "is too long")
          String address,
      @NotBlank(message = "is empty") @Size(max = 12_000_000, message = "is over 12 MB")
          String html) {}

  @PostMapping("/visits")
  @ResponseStatus(HttpStatus.ACCEPTED)
  Visit begin(@Valid @RequestBody Address page, Authentication who) {
    return visits.begin(page.address(), who.getName());
  }

  @GetMapping("/visits/{id}")
  Visit visit(@PathVariable long id) {
    return visits.visit(id);
  }

  @PostMapping("/visits/{id}/cancel")
  Visit cancel(@PathVariable long id) {
    return visits.cancel(id);
  }

  @PostMapping("/pages")
  @ResponseStatus(HttpStatus.CREATED)
  BatchView handedOver(@Valid @RequestBody HandedOver page, Authentication who) throws IOException {
    return visits.handedOver(page.address(), page.html(), who.getName());
  }
}
