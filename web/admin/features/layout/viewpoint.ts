import type { Shop } from '../shop/queries';
import { t } from '../../shared/t';

export type Kind = 'product' | 'listing' | 'basket' | 'home' | 'confirmation';
export type Screens = 'both' | 'wide' | 'narrow';

/** Who looks at which page when; what is not said is as the page has it, and now. */
export interface ViewpointParts {
  kind: Kind;
  product: string | undefined;
  /** SKU */
  variant: string | undefined;
  screens: Screens;
  /** ISO 3166-1 alpha-2 */
  country: string | undefined;
  /** BCP 47 */
  language: string | undefined;
  /** date and time in the shop's zone, such as 2026-11-26T14:20 */
  moment: string | undefined;
}

export const KINDS: { value: Kind; text: string }[] = [
  { value: 'product', text: t('pages.viewpoint.productPage') },
  { value: 'listing', text: t('pages.viewpoint.categoryPage') },
  { value: 'home', text: t('pages.viewpoint.homePage') },
  { value: 'basket', text: t('pages.viewpoint.basket') },
  { value: 'confirmation', text: t('pages.viewpoint.orderConfirmation') },
];

export const SCREENS: { value: Screens; text: string }[] = [
  { value: 'both', text: t('pages.viewpoint.phoneAndDesktop') },
  { value: 'wide', text: t('pages.viewpoint.desktop') },
  { value: 'narrow', text: t('pages.viewpoint.phone') },
];

const COUNTRY = /^[A-Z]{2}$/;
const LANGUAGE = /^[a-z]{2,3}(-[A-Za-z0-9]{2,8})*$/;
const MOMENT = /^\d{4}-\d\d-\d\dT\d\d:\d\d$/;

/** The viewpoint that an address names, such as ?as=JP,ja,narrow,2026-11-28T21:00&variant=PL-CEL-24 */
export function readViewpoint(
  kind: string | undefined,
  product: string | undefined,
  query: URLSearchParams,
): ViewpointParts {
  const parts = (query.get('as') ?? '').split(',');
  return {
    kind: KINDS.find((one) => one.value === kind)?.value ?? 'product',
    product,
    variant: query.get('variant') ?? undefined,
    screens: SCREENS.find((one) => parts.includes(one.value))?.value ?? 'both',
    country: parts.find((part) => COUNTRY.test(part)),
    language: parts.find((part) => LANGUAGE.test(part)),
    moment: parts.find((part) => MOMENT.test(part)),
  };
}

/** The address that names a viewpoint. */
export function viewpointAddress(view: ViewpointParts): string {
  const path = view.product ? `/pages/${view.kind}/${view.product}` : `/pages/${view.kind}`;
  const screens = view.screens === 'both' ? undefined : view.screens;
  const as = [view.country, view.language, screens, view.moment].filter((part) => part).join(',');
  const query = [
    ...(as ? [`as=${as}`] : []),
    ...(view.variant ? [`variant=${encodeURIComponent(view.variant)}`] : []),
  ];
  return query.length > 0 ? `${path}?${query.join('&')}` : path;
}

/** What of a viewpoint the server is asked with, beside the page. */
export function asked(view: ViewpointParts): Record<string, string> {
  const { variant, country, language, moment } = view;
  return {
    ...(variant ? { variant } : {}),
    ...(country ? { country } : {}),
    ...(language ? { lang: language } : {}),
    ...(moment ? { at: moment } : {}),
  };
}

/** The shop's own page for a viewpoint; a product may have another name in addresses than here. */
export function shopPage(
  shop: Shop,
  { kind, product, variant }: ViewpointParts,
  name: string | undefined,
): string | undefined {
  if (!shop.address) return undefined;
  switch (kind) {
    case 'product':
      return name && shop.address + productPath(shop.productPath, name, variant);
    case 'listing':
      return product && shop.address + shop.listingPath.replace('{category}', product);
    case 'basket':
      // a basket is the shopper's own: what one with a product would show is seen on a neutral page
      return product ? neutralPage(kind, product) : shop.address + shop.basketPath;
    case 'confirmation':
      return product && neutralPage(kind, product);
    case 'home':
      return `${shop.address}/`;
  }
}

/** A page of ours in place of the shop's, with the products parted by commas. */
export const neutralPage = (kind: Kind, products: string) =>
  `${window.location.origin}/embed/neutral/${kind}?product=${products}`;

/** Whether a viewpoint is of a page that no shop has for everybody. */
export const isOurs = ({ kind, product }: ViewpointParts) =>
  kind === 'confirmation' || (kind === 'basket' && !!product);

/** Where a variant can be named in the address, the chosen one is; else the page chooses. */
function productPath(path: string, product: string, variant: string | undefined): string {
  const chosen = variant
    ? path.replace('{variant}', encodeURIComponent(variant))
    : path.replace(/[?&][^?&=]+=\{variant\}/, '');
  return chosen.replace('{product}', encodeURIComponent(product));
}

/** A date and time on the shop's clock so many minutes later. */
export function later(moment: string, minutes: number): string {
  return new Date(Date.parse(`${moment}Z`) + minutes * 60_000).toISOString().slice(0, 16);
}
