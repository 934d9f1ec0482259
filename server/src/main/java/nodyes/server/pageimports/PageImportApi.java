package nodyes.server.pageimports;

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
@RequestMapping("/api/v1/imports")
class PageImportApi {
  private final PageImports visits;

  PageImportApi(PageImports visits) {
    this.visits = visits;
  }

  record Address(
      @NotBlank(message = "{imports.enterPage}")
          @Size(max = 2000, message = "{imports.pageAddressTooLong}")
          String address) {}

  record HandedOver(
      @NotBlank(message = "{imports.pageWithoutAddress}")
          @Size(max = 2000, message = "{problems.tooLong}")
          String address,
      @NotBlank(message = "{imports.empty}")
          @Size(max = 12_000_000, message = "{imports.pageTooLarge}")
          String html) {}

  @PostMapping("/visits")
  @ResponseStatus(HttpStatus.ACCEPTED)
  PageImport begin(@Valid @RequestBody Address page, Authentication who) {
    return visits.begin(page.address(), who.getName());
  }

  @GetMapping("/visits/{id}")
  PageImport visit(@PathVariable long id) {
    return visits.visit(id);
  }

  @PostMapping("/visits/{id}/cancel")
  PageImport cancel(@PathVariable long id) {
    return visits.cancel(id);
  }

  @PostMapping("/pages")
  @ResponseStatus(HttpStatus.CREATED)
  PageImport handedOver(@Valid @RequestBody HandedOver page, Authentication who)
      throws IOException {
    return visits.handedOver(page.address(), page.html(), who.getName());
  }
}
