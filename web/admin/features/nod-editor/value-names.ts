import { t } from '../../shared/t';
/** Values of wordings as an owner reads them; one that is not here is read as its own words. */
const NAMES: Record<string, string> = {
  n: t('nod.valueNames.number'),
  of: t('nod.valueNames.total'),
  mean: t('nod.valueNames.averageRating'),
  what: t('nod.valueNames.incentive'),
  left: t('nod.valueNames.timeLeft'),
  end: t('nod.valueNames.end'),
  percentOff: t('nod.valueNames.percentOff'),
  amountOff: t('nod.valueNames.amountOff'),
  price: t('nod.valueNames.price'),
  priorPrice: t('nod.valueNames.priorPrice'),
  rank: t('nod.valueNames.rank'),
  category: t('nod.valueNames.category'),
  unitsSold: t('nod.valueNames.unitsSold'),
  stock: t('nod.valueNames.stock'),
  rating: t('nod.valueNames.rating'),
  reviews: t('nod.valueNames.reviews'),
  country: t('nod.valueNames.country'),
  daysLeft: t('nod.valueNames.daysLeft'),
  backOn: t('nod.valueNames.backOn'),
  day: t('nod.valueNames.day'),
  days: t('nod.valueNames.days'),
  first: t('nod.valueNames.first'),
  last: t('nod.valueNames.last'),
  language: t('nod.valueNames.language'),
  name: t('nod.valueNames.name'),
  place: t('nod.valueNames.place'),
  product: t('nod.valueNames.product'),
  products: t('nod.valueNames.products'),
  shop: t('nod.valueNames.shop'),
  size: t('nod.valueNames.size'),
  stars: t('nod.valueNames.stars'),
  time: t('nod.valueNames.time'),
  until: t('nod.valueNames.until'),
  variant: t('nod.valueNames.variant'),
  weekday: t('nod.valueNames.weekday'),
  when: t('nod.valueNames.when'),
  who: t('nod.valueNames.who'),
  all: t('nod.valueNames.all'),
};
const STORED = new Map(Object.entries(NAMES).map(([name, text]) => [text, name]));

/** The name of a value as an owner reads it: percentOff is percent off. */
export const valueName = (name: string) =>
  NAMES[name] ?? name.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);

const storedName = (text: string) =>
  STORED.get(text) ?? text.replace(/ +(\p{L})/gu, (_, letter: string) => letter.toUpperCase());

/** A wording with its values named as an owner reads them. */
export const named = (wording: string) =>
  wording.replace(/\{(\w+)\}/g, (_, name: string) => `{${valueName(name)}}`);

/** The wording as it is stored. */
export const stored = (text: string) =>
  text.replace(/\{([^{}]+)\}/g, (_, name: string) => `{${storedName(name)}}`);
