import { choices } from '../../shared/choices';
import type { KindTexts } from './kind-texts';
import type { OfEachKind } from './kind-name';
import { t } from '../../shared/t';

/** What the owner reads of the kinds that change with time, stock, orders and visitors. */
export const MOVING = {
  'visitor-count': {
    text: t('pages.kindsMoving.visitorCount'),
    note: t('pages.kindsMoving.peopleWhoViewedTheProduct'),
    spot: 'under-buy',
    height: 'h-20',
    ready: choices(
      ['', t('pages.kindsMoving.breathingDot')],
      ['eye', t('pages.kindsMoving.eye')],
      ['chip', t('pages.kindsMoving.quietChip')],
      ['dark-chip', t('pages.kindsMoving.darkChip')],
    ),
    words: {
      now: t('pages.kindsMoving.thePast5Minutes'),
      hour: t('pages.kindsMoving.thePastHour'),
      day: t('pages.kindsMoving.thePast24Hours'),
      week: t('pages.kindsMoving.thePast7Days'),
    },
  },
  'stock-line': {
    text: t('pages.kindsMoving.stockLine'),
    note: t('pages.kindsMoving.howManyAreLeftFrom'),
    spot: 'above-buy',
    height: 'h-20',
    ready: choices(
      ['', t('pages.kindsMoving.sentence')],
      ['bar', t('pages.kindsMoving.bar')],
      ['row', t('pages.kindsMoving.rowOfPots')],
    ),
    words: {
      left: t('pages.kindsMoving.numberLeft'),
      of: t('pages.kindsMoving.numberLeftOfTheLast'),
      more: t('pages.kindsMoving.whenMoreAreInStock'),
    },
  },
  'delivery-promise': {
    text: t('pages.kindsMoving.deliveryPromise'),
    note: t('pages.kindsMoving.deliveryDateForAnOrder'),
    spot: 'under-buy',
    height: 'h-40',
    ready: choices(
      ['', t('pages.kindsMoving.plain')],
      ['band', t('pages.kindsMoving.band')],
      ['slip', t('pages.kindsMoving.parcelSlip')],
    ),
    words: {
      left: t('pages.kindsMoving.withTheTimeLeft'),
      clock: t('pages.kindsMoving.withTheTimeOfTheCutOff'),
      plain: t('pages.kindsMoving.withoutACutOff'),
      back: t('pages.kindsMoving.whileSoldOutWithA'),
      ordered: t('pages.kindsMoving.onTheOrderConfirmation'),
      small: t('pages.kindsMoving.onACard'),
      soldOut: t('pages.kindsMoving.whenSoldOut'),
      placed: t('pages.kindsMoving.firstStageNoLongerShown'),
      leaves: t('pages.kindsMoving.dayOfShipping'),
      arrives: t('pages.kindsMoving.dayOfArrival'),
      assumed: t('pages.kindsMoving.whenTheCountryIsNot'),
      choose: t('pages.kindsMoving.beforeTheChoiceOfCountries'),
      none: t('pages.kindsMoving.anItemWithoutADate'),
      lines: t('pages.kindsMoving.itemsOfABasketScreen'),
    },
  },
  'returns-line': {
    text: t('pages.kindsMoving.returnsLine'),
    note: t('pages.kindsMoving.untilWhenAnOrderCan'),
    spot: 'under-buy',
    height: 'h-20',
    ready: choices(
      ['', t('pages.kindsMoving.withAMark')],
      ['framed', t('pages.kindsMoving.framed')],
      ['bare', t('pages.kindsMoving.textOnly')],
    ),
    words: {
      until: t('pages.kindsMoving.beforeOrdering'),
      ordered: t('pages.kindsMoving.onTheOrderConfirmation'),
      days: t('pages.kindsMoving.theNumberOfDays'),
    },
  },
  'recent-orders': {
    text: t('pages.kindsMoving.recentOrders'),
    note: t('pages.kindsMoving.recentRealOrdersWithoutPersonal'),
    spot: 'under-buy',
    height: 'h-24',
    ready: choices(['', t('pages.kindsMoving.tally')], ['bare', t('pages.kindsMoving.textOnly')]),
    words: {
      units: t('pages.kindsMoving.numberInSeveralDays'),
      today: t('pages.kindsMoving.numberToday'),
      lastIn: t('pages.kindsMoving.lastOrderWithItsPlace'),
      last: t('pages.kindsMoving.lastOrder'),
      someone: t('pages.kindsMoving.buyerWithoutAName'),
      lately: t('pages.kindsMoving.withinThePastHour'),
      onDay: t('pages.kindsMoving.onADay'),
      name: t('pages.kindsMoving.nameOfTheNodScreen'),
      close: t('pages.kindsMoving.closeScreenReaders'),
    },
  },
  countdown: {
    text: t('pages.kindsMoving.countdown'),
    note: t('pages.kindsMoving.timeLeftUntilSomethingEnds'),
    spot: 'above-buy',
    height: 'h-24',
    ready: choices(
      ['', t('pages.kindsMoving.plainLine')],
      ['boxes', t('pages.kindsMoving.boxes')],
      ['digits', t('pages.kindsMoving.turningDigits')],
      ['bar', t('pages.kindsMoving.thinBar')],
      ['ring', t('pages.kindsMoving.ring')],
    ),
    words: {
      before: t('pages.kindsMoving.beforeTheNumbers'),
      after: t('pages.kindsMoving.afterTheNumbers'),
      until: t('pages.kindsMoving.endShopTime'),
      untilThen: t('pages.kindsMoving.endWithTheNextPlanned'),
      midnight: t('pages.kindsMoving.endAtTheEndOf'),
      ended: t('pages.kindsMoving.afterTheEnd'),
      left: t('pages.kindsMoving.timeLeftScreenReaders'),
      days: t('pages.kindsMoving.days'),
      hours: t('pages.kindsMoving.hours'),
      minutes: t('pages.kindsMoving.minutes'),
      seconds: t('pages.kindsMoving.seconds'),
    },
  },
} satisfies Partial<OfEachKind<KindTexts>>;
