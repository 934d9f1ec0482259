package nodyes.server.orders;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import nodyes.core.sales.OrderOutcome;
import nodyes.server.web.ApiProblem;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the shop's own words for the status of an order mean. */
@RestController
@Tag(name = "orders")
@RequestMapping("/api/v1/orders/status-words")
class StatusWordsApi {
  private static final int LONGEST = 60;

  private final OrderStore store;

  StatusWordsApi(OrderStore store) {
    this.store = store;
  }

  /** A word and what it means. */
  record StatusWord(
      @NotNull(message = "{problems.missing}") String word,
      @NotNull(message = "{problems.missing}") OrderOutcome outcome) {}

  /** All that the owner has said. */
  record StatusWords(List<StatusWord> words) {}

  @GetMapping
  StatusWords get() {
    return new StatusWords(
        store.writtenWords().entrySet().stream()
            .map(word -> new StatusWord(word.getKey(), word.getValue()))
            .toList());
  }

  @PutMapping
  StatusWords put(@Valid @RequestBody StatusWord said) {
    String word = said.word().strip();
    if (OrderOutcome.plain(word).isEmpty() || word.length() > LONGEST) {
      throw ApiProblem.value("word", text("feeds.statusWord"));
    }
    store.learn(word, said.outcome());
    return get();
  }
}
