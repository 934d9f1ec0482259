import { findCards, type Card } from './cards';
import { nameIn, pathOf, type Addresses } from './addresses';
import { matching } from './dom';
import { productData } from './product-data';

/** What a page says of itself without marks of ours, and the cards on it. */
export interface Signs {
  /** the product that its address names, else its path: where it differs, the page is another one */
  about: string;
  /** as the page endpoint asks for them */
  query: [string, string][];
  cards: Card[];
}

const FIELDS = 'select,input';
const MOST_PRODUCTS = 12;
const MOST_NAMES = 30;
const LONGEST_NAMES = 3500;

/** What the field says that the owner pointed at: a choice, one of several, or a hidden one. */
function chosenVariant({ landmarks }: Addresses): string | undefined {
  const fields = (landmarks.VARIANT ? matching(landmarks.VARIANT) : []).flatMap((found) =>
    found.matches(FIELDS) ? [found] : [...found.querySelectorAll(FIELDS)],
  ) as HTMLInputElement[];
  return fields.find(({ type, checked }) => !/^(radio|checkbox)$/.test(type) || checked)?.value;
}

/** Reads the signs of the page as it stands. */
export function readSigns(addresses: Addresses): Signs {
  const query: [string, string][] = [['address', pathOf(location.href, addresses)]];
  const put = (name: string, value: string | null | undefined) =>
    value && query.push([name, value.slice(0, LONGEST_NAMES)]);
  const link = document.querySelector<HTMLLinkElement>('link[rel~="canonical"][href]');
  put('canonical', link && pathOf(link.href, addresses));
  const { own, listed } = productData();
  const data = own.slice(0, MOST_PRODUCTS).map(({ names, url }) => {
    const at = url && pathOf(url, addresses);
    return [...(at ? [`at:${at}`] : []), ...new Set(names)].slice(0, MOST_NAMES).join('\n');
  });
  // products are parted by empty lines
  put('data', data.join('\n\n'));
  const meta = (name: string) =>
    document
      .querySelector(`meta[property="${name}"],meta[name="${name}"]`)
      ?.getAttribute('content');
  const shared = meta('og:url');
  put('sharing', shared && pathOf(shared, addresses));
  if (/^product/.test(meta('og:type') ?? '')) put('title', meta('og:title'));
  put('meta', meta('nod-product'));
  put('variant', chosenVariant(addresses));
  const cards = findCards(addresses, listed);
  let length = 0;
  put(
    'cards',
    cards
      .map(({ name }) => name)
      .filter((name) => (length += name.length + 3) < LONGEST_NAMES)
      .join('\n'),
  );
  return { about: nameIn(location.href, addresses) ?? location.pathname, query, cards };
}
