import { COUNTRIES, LANGUAGES } from '../layout/places';
import { t } from '../../shared/t';

/** Conditions on a number between two. */
export const RANGES = {
  PERCENT_OFF_BETWEEN: {
    id: 'nod.conditionRow.thePriceIsToBelow',
    least: t('nod.conditionRow.lowestPercentage'),
    most: t('nod.conditionRow.highestPercentage'),
    step: 1,
  },
  PRICE_BETWEEN: {
    id: 'nod.conditionRow.thePriceIsBetweenAnd',
    least: t('nod.conditionRow.lowestPrice'),
    most: t('nod.conditionRow.highestPrice'),
    step: 0.01,
  },
  STOCK_BETWEEN: {
    id: 'nod.conditionRow.stockIsBetweenAnd',
    least: t('nod.conditionRow.minimumStock'),
    most: t('nod.conditionRow.maximumStock'),
    step: 1,
  },
} as const;

/** Conditions on where a shopper is. */
export const PLACES = {
  COUNTRY_IN: {
    id: 'nod.conditionRow.theShopperIsIn',
    label: t('nod.conditionRow.countries'),
    choices: COUNTRIES,
  },
  LANGUAGE_IN: {
    id: 'nod.conditionRow.theShoppersLanguageIs',
    label: t('nod.conditionRow.languages'),
    choices: LANGUAGES,
  },
} as const;

/** What a rank is among. */
export const AMONG = [
  { value: 'category', text: t('nod.conditionRow.itsCategory') },
  { value: 'shop', text: t('nod.conditionRow.theWholeShop') },
];
