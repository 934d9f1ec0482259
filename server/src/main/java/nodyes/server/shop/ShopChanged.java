package nodyes.server.shop;

/** The shop's settings changed. */
public record ShopChanged() {}
