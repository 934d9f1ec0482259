import type { Shop } from '../setup/queries';

export type Kind = 'product' | 'listing' | 'basket' | 'home';
export type Screens = 'both' | 'wide' | 'narrow';

export interface ViewpointParts {
  kind: Kind;
  product: string | undefined;
  screens: Screens;
}

export const KINDS: { value: Kind; text: string }[] = [
  { value: 'product', text: 'product page' },
  { value: 'listing', text: 'listing' },
  { value: 'home', text: 'home page' },
  { value: 'basket', text: 'basket' },
];

export const SCREENS: { value: Screens; text: string }[] = [
  { value: 'both', text: 'both screens' },
  { value: 'wide', text: 'a wide screen' },
  { value: 'narrow', text: 'a narrow screen' },
];

/** The viewpoint that an address names. */
export function readViewpoint(
  kind: string | undefined,
  product: string | undefined,
  as: string | null,
): ViewpointParts {
  return {
    kind: KINDS.find((one) => one.value === kind)?.value ?? 'product',
    product,
    screens: SCREENS.find((one) => (as ?? '').split(',').includes(one.value))?.value ?? 'both',
  };
}

/** The address that names a viewpoint. */
export function viewpointAddress({ kind, product, screens }: ViewpointParts): string {
  const path = product ? `/pages/${kind}/${product}` : `/pages/${kind}`;
  return screens === 'both' ? path : `${path}?as=${screens}`;
}

/** The shop's own page for a viewpoint. */
export function shopPage(shop: Shop, { kind, product }: ViewpointParts): string | undefined {
  if (!shop.address) return undefined;
  switch (kind) {
    case 'product':
      return product && shop.address + shop.productPath.replace('{product}', product);
    case 'listing':
      return product && shop.address + shop.listingPath.replace('{category}', product);
    case 'basket':
      return shop.address + shop.basketPath;
    case 'home':
      return `${shop.address}/`;
  }
}
