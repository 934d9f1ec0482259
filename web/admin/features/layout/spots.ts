import { useLayout } from './queries';
import { t } from '../../shared/t';

/** The standard spots in page order, with what the owner calls them. */
const SPOTS = [
  { value: 'on-picture', text: t('pages.spots.onTheProductImage') },
  { value: 'listing-card', text: t('pages.spots.onTheCard') },
  { value: 'above-title', text: t('pages.spots.aboveTheTitle') },
  { value: 'under-title', text: t('pages.spots.belowTheTitle') },
  { value: 'under-price', text: t('pages.spots.belowThePrice') },
  { value: 'above-buy', text: t('pages.spots.aboveTheBuyButton') },
  { value: 'under-buy', text: t('pages.spots.belowTheBuyButton') },
  { value: 'under-picture', text: t('pages.spots.belowTheProductImage') },
  { value: 'under-description', text: t('pages.spots.belowTheDescription') },
  { value: 'basket-line', text: t('pages.spots.inTheBasket') },
  { value: 'basket-end', text: t('pages.spots.belowTheBasket') },
  { value: 'order-end', text: t('pages.spots.belowTheConfirmedOrder') },
  { value: 'page-end', text: t('pages.spots.atTheEndOfThe') },
  { value: 'screen-edge', text: t('pages.spots.atTheEdgeOfThe') },
];

/** What the owner calls a spot, as a heading; one of the owner's own by its name. */
export function spotTitle(name: string): string {
  const text = SPOTS.find((spot) => spot.value === name)?.text ?? name.replace(/-/g, ' ');
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** All spots there are, the owner's own behind the standard ones. */
export function useSpots() {
  const arrangement = useLayout();
  const own = (arrangement.data?.spots ?? []).map(({ name }) => ({
    value: name,
    text: name,
    note: t('pages.spots.customSpot'),
  }));
  return [...SPOTS, ...own];
}
