import { t } from '../../shared/t';
/** A promise as it is kept. */
export interface Promised {
  about: 'RETURNS' | 'WARRANTY' | 'DELIVERY' | 'PAYMENT' | 'MAKING' | 'OTHER';
  drawing: string;
  link: string;
  countries: string[];
  words: Record<string, { title: string; line: string }>;
}

const payment = (drawing: string, title: string): Promised => ({
  about: 'PAYMENT',
  drawing,
  link: '',
  countries: [],
  words: { en: { title, line: '' } },
});

/** Ways to pay by their kind; a name comes as the owner's own picture. */
export const PAYMENTS: Promised[] = [
  payment('card', t('nod.promise.card')),
  payment('transfer', t('nod.promise.transfer')),
  payment('wallet', t('nod.promise.wallet')),
  payment('invoice', t('nod.promise.invoice')),
  payment('cash', t('nod.promise.cashOnDelivery')),
];

/** The list with one put elsewhere. */
export function moved<T>(list: T[], from: number, to: number): T[] {
  const one = list[from];
  if (one === undefined || to < 0 || to >= list.length) return list;
  const rest = list.filter((_, index) => index !== from);
  return [...rest.slice(0, to), one, ...rest.slice(to)];
}
