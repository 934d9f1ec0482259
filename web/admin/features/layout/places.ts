import { country, language } from '../../shared/format';
import { locale } from '../../shared/intl';

const LETTERS = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];

/** Groups, exceptional reservations and codes for private use: no shopper is in one. */
const NO_COUNTRIES = 'AC CP CQ DG EA EU EZ IC QO TA UN XA XB ZZ'.split(' ');

/** The countries of ISO 3166-1 that this browser has a name for. */
export const COUNTRIES = LETTERS.flatMap((a) => LETTERS.map((b) => a + b))
  .filter((code) => !NO_COUNTRIES.includes(code) && country(code) !== code)
  .map((code) => ({ value: code, text: country(code), note: code }))
  .sort((a, b) => a.text.localeCompare(b.text, locale()));

/** Where shoppers of a small shop in Europe most often are. */
export const LIKELY = ['PT', 'ES', 'DE', 'FR', 'GB', 'US', 'JP'];

export const LANGUAGES =
  'en pt de es fr ja ar it nl pl sv da fi nb cs ro hu el tr uk ru he ko zh hi'
    .split(' ')
    .map((tag) => ({ value: tag, text: language(tag), note: tag }));
