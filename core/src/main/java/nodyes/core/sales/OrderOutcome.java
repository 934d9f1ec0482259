package nodyes.core.sales;

import java.text.Normalizer;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * What became of an order, or of a line of it, as far as counting what was sold goes. Words for it
 * are schema.org's members of OrderStatus, and those that shops write in English, Portuguese,
 * German, Spanish and French (common practice). A word that is none of them says nothing: it is
 * asked about and never taken for sold.
 */
public enum OrderOutcome {
  /** It was sold, and is on its way or there. */
  SOLD(
      List.of(
          "orderdelivered orderintransit orderpickupavailable orderprocessing",
          "sold paid complete completed fulfilled partiallyfulfilled shipped partiallyshipped"
              + " dispatched sent delivered processing processed confirmed accepted intransit"
              + " outfordelivery readyforpickup readytoship packed collected pickedup received"
              + " invoiced captured authorized authorised success successful done closed",
          "vendido vendida pago paga concluido concluida completo completa enviado enviada expedido"
              + " expedida entregue processamento emprocessamento processado processada confirmado"
              + " confirmada faturado faturada emtransito prontoparalevantar levantado recebido",
          "verkauft bezahlt abgeschlossen erledigt versandt versendet verschickt geliefert zugestellt"
              + " ausgeliefert inbearbeitung bearbeitet bestatigt unterwegs abholbereit abgeholt"
              + " fertig fakturiert teilweiseversandt teilversandt",
          "pagado pagada completado completada cumplido entregado entregada procesando enproceso"
              + " procesado enviadoparcialmente encamino entransito recogido listopararecoger"
              + " facturado aceptado",
          "vendu vendue paye payee termine terminee complet complete expedie expediee envoye envoyee"
              + " livre livree encours encoursdetraitement traite traitee confirme confirmee"
              + " encoursdelivraison recu recue facture facturee retire")),
  /** It was not sold, or not yet: cancelled, failed, or not paid. */
  NOT_SOLD(
      List.of(
          "ordercancelled orderpaymentdue orderproblem",
          "cancelled canceled cancel void voided declined rejected failed expired draft abandoned"
              + " unpaid pending paymentpending pendingpayment awaitingpayment paymentdue onhold"
              + " paymentfailed fraud chargeback",
          "cancelado cancelada anulado anulada recusado recusada falhado falhou expirado pendente"
              + " aguardapagamento aguardandopagamento naopago pordpagar rascunho",
          "storniert abgebrochen annulliert widerrufen abgelehnt fehlgeschlagen abgelaufen offen"
              + " ausstehend unbezahlt zahlungausstehend wartetaufzahlung entwurf",
          "rechazado rechazada fallido fallida caducado pendiente pendientedepago sinpagar borrador"
              + " enespera",
          "annule annulee refuse refusee echoue echouee expire enattente enattentedepaiement impaye"
              + " impayee brouillon")),
  /** It was sold and came back, or its money did. */
  RETURNED(
      List.of(
          "orderreturned",
          "returned return refunded refund",
          "devolvido devolvida reembolsado reembolsada",
          "retourniert zuruckgesendet zuruckgegeben retoure erstattet ruckerstattet",
          "devuelto devuelta",
          "retourne retournee rembourse remboursee"));

  private static final Map<String, OrderOutcome> BY_WORD = words();

  // lists of words that never change
  @SuppressWarnings("ImmutableEnumChecker")
  private final List<String> written;

  OrderOutcome(List<String> written) {
    this.written = List.copyOf(written);
  }

  private static Map<String, OrderOutcome> words() {
    var words = new HashMap<String, OrderOutcome>();
    for (OrderOutcome outcome : values()) {
      for (String line : outcome.written) {
        for (String word : line.split(" ")) {
          words.put(word, outcome);
        }
      }
    }
    return Map.copyOf(words);
  }

  /**
   * What a status says; empty where it is not understood. An address of schema.org is a word too.
   */
  public static Optional<OrderOutcome> of(String status) {
    return Optional.ofNullable(BY_WORD.get(plain(status)));
  }

  /** As it is compared: without accents, case, spaces and signs, and without an address. */
  public static String plain(String status) {
    String word = status.strip().replaceFirst("^https?://schema\\.org/", "");
    return Normalizer.normalize(word.replace("ß", "ss"), Normalizer.Form.NFD)
        .toLowerCase(Locale.ROOT)
        .replaceAll("[^\\p{L}\\p{Nd}]", "");
  }
}
