package nodyes.server.bringin;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.io.InputStream;
import java.util.Optional;
import nodyes.server.web.PageOf;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@Tag(name = "bring in")
@RequestMapping("/api/v1/bring-in")
class BringInApi {
  private final BringIn bringIn;

  BringInApi(BringIn bringIn) {
    this.bringIn = bringIn;
  }

  @PostMapping(consumes = "multipart/form-data")
  @ResponseStatus(HttpStatus.CREATED)
  BatchView look(@RequestParam MultipartFile file, Authentication who) throws IOException {
    String name = Optional.ofNullable(file.getOriginalFilename()).orElse("");
    try (InputStream content = file.getInputStream()) {
      return bringIn.look(name, content, who.getName());
    }
  }

  @GetMapping
  PageOf<BatchView> list(
      @RequestParam(defaultValue = "1") int page, @RequestParam(defaultValue = "20") int size) {
    return bringIn.list(page, size);
  }

  @GetMapping("/{id}")
  BatchView batch(@PathVariable long id) {
    return bringIn.batch(id);
  }

  @PostMapping("/{id}/read")
  @ResponseStatus(HttpStatus.ACCEPTED)
  BatchView read(@PathVariable long id, @RequestBody Choices choices) {
    return bringIn.read(id, choices);
  }

  @GetMapping("/{id}/problems")
  PageOf<ProblemLine> problems(
      @PathVariable long id,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "100") int size) {
    return bringIn.problems(id, page, size);
  }
}
