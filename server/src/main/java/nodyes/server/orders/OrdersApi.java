package nodyes.server.orders;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import nodyes.server.web.InTurn;
import nodyes.server.web.JsonLines;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@Tag(name = "orders")
@RequestMapping("/api/v1/orders")
class OrdersApi {
  private final OrderImport imports;
  private final InTurn inTurn;

  OrdersApi(OrderImport imports, InTurn inTurn) {
    this.imports = imports;
    this.inTurn = inTurn;
  }

  @PostMapping(value = "/imports", consumes = "multipart/form-data")
  JsonLines.Result read(@RequestParam MultipartFile file) throws IOException {
    try (var reader = JsonLines.open(file)) {
      return inTurn.run(() -> imports.read(reader));
    }
  }
}
