import { useArrangement } from './queries';

/** The standard spots in page order, with what the owner calls them. */
const SPOTS = [
  { value: 'on-picture', text: 'on the picture' },
  { value: 'listing-card', text: 'on the listing card' },
  { value: 'above-title', text: 'above the title' },
  { value: 'under-title', text: 'under the title' },
  { value: 'under-price', text: 'under the price' },
  { value: 'above-buy', text: 'above the buy button' },
  { value: 'under-buy', text: 'under the buy button' },
  { value: 'under-picture', text: 'under the picture' },
  { value: 'under-description', text: 'under the description' },
  { value: 'basket-line', text: 'in the basket' },
  { value: 'basket-end', text: 'under the basket' },
  { value: 'order-end', text: 'under the confirmed order' },
  { value: 'page-end', text: 'at the page’s end' },
  { value: 'screen-edge', text: 'at the screen’s edge' },
];

/** What the owner calls a spot, as a heading; one of the owner's own by its name. */
export function spotTitle(name: string): string {
  const text = SPOTS.find((spot) => spot.value === name)?.text ?? name.replace(/-/g, ' ');
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** All spots there are, the owner's own behind the standard ones. */
export function useSpots() {
  const arrangement = useArrangement();
  const own = (arrangement.data?.spots ?? []).map(({ name }) => ({
    value: name,
    text: name,
    note: 'yours',
  }));
  return [...SPOTS, ...own];
}
