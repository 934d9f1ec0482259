import { t } from '../../shared/t';
import type { FeedKind } from './queries';

/** What columns can hold, by schema.org's terms, in the words of the screen. */
const TEXTS = {
  productGroupID: () => t('catalogue.feedLook.term.productGroupID'),
  name: () => t('catalogue.feedLook.term.name'),
  sku: () => t('catalogue.feedLook.term.sku'),
  size: () => t('catalogue.feedLook.term.size'),
  price: () => t('catalogue.feedLook.term.price'),
  priceCurrency: () => t('catalogue.feedLook.term.priceCurrency'),
  strikethroughPrice: () => t('catalogue.feedLook.term.strikethroughPrice'),
  listPrice: () => t('catalogue.feedLook.term.listPrice'),
  inventoryLevel: () => t('catalogue.feedLook.term.inventoryLevel'),
  category: () => t('catalogue.feedLook.term.category'),
  keywords: () => t('catalogue.feedLook.term.keywords'),
  description: () => t('catalogue.feedLook.term.description'),
  image: () => t('catalogue.feedLook.term.image'),
  brand: () => t('catalogue.feedLook.term.brand'),
  releaseDate: () => t('catalogue.feedLook.term.releaseDate'),
  gtin: () => t('catalogue.feedLook.term.gtin'),
  availability: () => t('catalogue.feedLook.term.availability'),
  availabilityStarts: () => t('catalogue.feedLook.term.availabilityStarts'),
  orderNumber: () => t('catalogue.feedLook.term.orderNumber'),
  orderDate: () => t('catalogue.feedLook.term.orderDate'),
  orderStatus: () => t('catalogue.feedLook.term.orderStatus'),
  addressCountry: () => t('catalogue.feedLook.term.addressCountry'),
  addressLocality: () => t('catalogue.feedLook.term.addressLocality'),
  orderQuantity: () => t('catalogue.feedLook.term.orderQuantity'),
  orderItemStatus: () => t('catalogue.feedLook.term.orderItemStatus'),
  shipped: () => t('catalogue.feedLook.term.shipped'),
  arrived: () => t('catalogue.feedLook.term.arrived'),
};

type Term = keyof typeof TEXTS;

export const FEED_TERMS: Record<FeedKind, Term[]> = {
  PRODUCTS: [
    'name',
    'productGroupID',
    'sku',
    'size',
    'price',
    'priceCurrency',
    'strikethroughPrice',
    'listPrice',
    'inventoryLevel',
    'availability',
    'availabilityStarts',
    'category',
    'keywords',
    'description',
    'image',
    'brand',
    'gtin',
    'releaseDate',
  ],
  ORDERS: [
    'orderNumber',
    'orderDate',
    'sku',
    'orderQuantity',
    'orderStatus',
    'orderItemStatus',
    'addressCountry',
    'addressLocality',
    'shipped',
    'arrived',
  ],
};

export const termText = (term: string) => (term in TEXTS ? TEXTS[term as Term]() : term);
