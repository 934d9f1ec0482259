package nodyes.core.sales;

import static org.testng.Assert.assertEquals;

import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Input: 'refunded', 'Storniert', 'Devolvido': orders with these were counted as sold. */
public class OrderOutcomeTest {
  @DataProvider
  Object[][] words() {
    return new Object[][] {
      // the members of schema.org's OrderStatus
      {"https://schema.org/OrderCancelled", OrderOutcome.NOT_SOLD},
      {"http://schema.org/OrderDelivered", OrderOutcome.SOLD},
      {"OrderInTransit", OrderOutcome.SOLD},
      {"OrderPaymentDue", OrderOutcome.NOT_SOLD},
      {"OrderPickupAvailable", OrderOutcome.SOLD},
      {"OrderProblem", OrderOutcome.NOT_SOLD},
      {"OrderProcessing", OrderOutcome.SOLD},
      {"OrderReturned", OrderOutcome.RETURNED},
      // common practice
      {"delivered", OrderOutcome.SOLD},
      {"Shipped", OrderOutcome.SOLD},
      {"PAID", OrderOutcome.SOLD},
      {"canceled", OrderOutcome.NOT_SOLD},
      {" Cancelled ", OrderOutcome.NOT_SOLD},
      {"refunded", OrderOutcome.RETURNED},
      {"payment pending", OrderOutcome.NOT_SOLD},
      {"Enviado", OrderOutcome.SOLD},
      {"Devolvido", OrderOutcome.RETURNED},
      {"Concluída", OrderOutcome.SOLD},
      {"Storniert", OrderOutcome.NOT_SOLD},
      {"Zurückgesendet", OrderOutcome.RETURNED},
      {"In Bearbeitung", OrderOutcome.SOLD},
      {"Entregado", OrderOutcome.SOLD},
      {"Reembolsado", OrderOutcome.RETURNED},
      {"Annulée", OrderOutcome.NOT_SOLD},
      {"Livré", OrderOutcome.SOLD},
      {"Remboursé", OrderOutcome.RETURNED},
      // not understood, and so never sold
      {"partially refunded", null},
      {"Zebra", null},
      {"", null},
    };
  }

  @Test(dataProvider = "words")
  public void aStatusIsUnderstoodOrAskedAbout(String status, OrderOutcome outcome) {
    assertEquals(OrderOutcome.of(status), Optional.ofNullable(outcome));
  }
}
