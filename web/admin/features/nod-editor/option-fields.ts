import { choices } from '../../shared/choices';
import { t } from '../../shared/t';
import type { OfEachKind } from '../kinds/kind-name';
import { beside, byHistory, LIES, row, turns, yesNo, type OptionField } from './option-field';

/** What can be set of each kind beside its look, in the order in which an owner thinks of it. */
export const OPTION_FIELDS: OfEachKind<OptionField[]> = {
  'star-line': [
    row('stars', t('nod.optionFields.stars'), {
      choices: yesNo(t('nod.optionFields.starsAndAverage'), t('nod.optionFields.noStars')),
    }),
    row('counts', t('nod.optionFields.count'), {
      choices: choices(
        ['all', t('nod.optionFields.allReviews')],
        ['verified', t('nod.optionFields.reviewsBoughtHere')],
        ['both', t('nod.optionFields.allAndThoseBoughtHere')],
        ['nothing', t('nod.optionFields.nothing')],
      ),
    }),
  ],
  'review-wall': [
    row('layout', t('nod.optionFields.layout'), {
      choices: choices(
        ['list', t('nod.optionFields.list')],
        ['grid', t('nod.optionFields.grid')],
        ['masonry', t('nod.optionFields.columnsPhotosFirst')],
      ),
    }),
    row('columns', t('nod.optionFields.columns'), {
      isFor: beside,
    }),
    row('columns-narrow', t('nod.optionFields.columnsOnPhones'), { isFor: beside }),
    row('order', t('nod.optionFields.order'), {
      choices: choices(
        ['newest', t('nod.optionFields.newestFirst')],
        ['most-helpful', t('nod.optionFields.mostHelpfulFirst')],
        ['highest', t('nod.optionFields.highestRatingFirst')],
        ['lowest', t('nod.optionFields.lowestRatingFirst')],
        ['pictures-first', t('nod.optionFields.withPhotosFirst')],
      ),
    }),
    row('turning', t('nod.optionFields.moreReviews'), {
      choices: choices(
        ['pages', t('nod.optionFields.onPages')],
        ['more', t('nod.optionFields.belowWithAButton')],
      ),
    }),
    row('summary', t('nod.optionFields.summary'), {
      choices: choices(
        ['full', t('nod.optionFields.full')],
        ['compact', t('nod.optionFields.oneLine')],
      ),
    }),
    row('list', t('nod.optionFields.reviews'), {
      choices: choices(
        ['open', t('nod.optionFields.shown')],
        ['folded', t('nod.optionFields.hiddenBehindAButton')],
      ),
    }),
    row('dates', t('nod.optionFields.dates'), {
      choices: choices(
        ['date', t('nod.optionFields.asADate')],
        ['ago', t('nod.optionFields.as2WeeksAgo')],
      ),
    }),
    row('flags', t('nod.optionFields.flags'), {
      choices: yesNo(t('nod.optionFields.withFlags'), t('nod.optionFields.nameOnly')),
    }),
    row('translation', t('nod.optionFields.translation'), {
      choices: yesNo(t('nod.optionFields.offerMachineTranslation'), t('nod.optionFields.none')),
    }),
    row('form', t('nod.optionFields.reviewForm'), {
      choices: choices(
        ['after', t('nod.optionFields.belowTheReviews')],
        ['before', t('nod.optionFields.aboveTheReviews')],
        ['none', t('nod.optionFields.none2')],
      ),
    }),
    row('form-at-first', t('nod.optionFields.formAtFirst'), {
      choices: choices(
        ['folded', t('nod.optionFields.behindAButton')],
        ['open', t('nod.optionFields.shown')],
      ),
      isFor: (values) => values['form'] !== 'none',
    }),
    row('empty', t('nod.optionFields.withoutReviews'), {
      choices: choices(
        ['hidden', t('nod.optionFields.hideTheWall')],
        ['be-the-first', t('nod.optionFields.inviteTheFirstReview')],
      ),
    }),
  ],
  'stock-line': [row('at-most', t('nod.optionFields.showAtOrBelow'))],
  'delivery-promise': [
    row('shows', t('nod.optionFields.show2'), {
      choices: choices(
        ['words', t('nod.optionFields.aSentence')],
        ['path', t('nod.optionFields.theRowOfDays')],
        ['words-and-path', t('nod.optionFields.aSentenceAndTheRow')],
      ),
    }),
    row('cut-off', t('nod.optionFields.orderCutOff'), {
      choices: choices(
        ['time-left', t('nod.optionFields.asTimeLeft')],
        ['clock', t('nod.optionFields.asATimeOfDay')],
        ['none', t('nod.optionFields.notShown')],
      ),
    }),
    row('clock', t('nod.optionFields.timeZone'), {
      choices: choices(
        ['shop', t('nod.optionFields.shopTime')],
        ['shopper', t('nod.optionFields.shoppersTime')],
      ),
      isFor: (values) => values['cut-off'] === 'clock',
    }),
    row('basket', t('nod.optionFields.basket'), {
      choices: choices(
        ['together', t('nod.optionFields.oneDeliveryDate')],
        ['each', t('nod.optionFields.aDatePerItem')],
      ),
    }),
    row('flag', t('nod.optionFields.country'), {
      choices: yesNo(t('nod.optionFields.withFlag'), t('nod.optionFields.nameOnly')),
    }),
    row('country-picker', t('nod.optionFields.otherCountries'), {
      choices: yesNo(t('nod.optionFields.shoppersCanChoose'), t('nod.optionFields.noChoice')),
    }),
    row('sold-out', t('nod.optionFields.whenSoldOut'), {
      choices: choices(
        ['nothing', t('nod.optionFields.showNothing')],
        ['text', t('nod.optionFields.showAText')],
      ),
    }),
  ],
  'returns-line': [
    row('tells', t('nod.optionFields.showAs'), {
      choices: choices(
        ['last-day', t('nod.optionFields.theLastDay')],
        ['days', t('nod.optionFields.theNumberOfDays')],
      ),
    }),
  ],
  'recent-orders': [
    row('tells', t('nod.optionFields.show3'), {
      choices: choices(
        ['count', t('nod.optionFields.theNumberSold')],
        ['latest', t('nod.optionFields.theLastOrder')],
        ['both', t('nod.optionFields.theNumberSoldAndThe')],
      ),
    }),
    row('days', t('nod.optionFields.dates'), {
      after: t('nod.optionFields.days'),
    }),
    row('least-sold', t('nod.optionFields.minimumSold')),
    row('place', t('nod.optionFields.placeOfTheLastOrder'), {
      choices: choices(
        ['town', t('nod.optionFields.town')],
        ['country', t('nod.optionFields.theCountry')],
        ['none', t('nod.optionFields.none3')],
      ),
      isFor: (values) => values['tells'] !== 'count',
    }),
    row('first-names', t('nod.optionFields.firstNames'), {
      choices: yesNo(t('nod.optionFields.ofBuyersWhoAgreed'), t('nod.optionFields.none4')),
      isFor: (values) => values['tells'] !== 'count',
    }),
    row('lies', t('nod.optionFields.form'), {
      choices: choices(
        ['line', t('nod.optionFields.aLine')],
        ['notice', t('nod.optionFields.aCaptionThatOpens')],
      ),
    }),
  ],
  'visitor-count': [
    row('window', t('nod.optionFields.period'), {
      choices: choices(
        ['now', t('nod.optionFields.past5Minutes')],
        ['hour', t('nod.optionFields.pastHour')],
        ['day', t('nod.optionFields.past24Hours')],
        ['week', t('nod.optionFields.past7Days')],
      ),
    }),
    row('quiet-under', t('nod.optionFields.hideBelow')),
  ],
  countdown: [
    row('about', t('nod.optionFields.about'), {
      choices: choices(
        ['offer', t('nod.optionFields.anOffer')],
        ['price', t('nod.optionFields.theSalePrice')],
      ),
    }),
    row('show-days', t('nod.optionFields.dates'), {
      choices: yesNo(t('nod.optionFields.days'), t('nod.optionFields.noDays')),
    }),
    row('show-hours', t('nod.optionFields.hours'), {
      choices: yesNo(t('nod.optionFields.hours2'), t('nod.optionFields.noHours')),
    }),
    row('show-minutes', t('nod.optionFields.minutes'), {
      choices: yesNo(t('nod.optionFields.minutes2'), t('nod.optionFields.noMinutes')),
    }),
    row('show-seconds', t('nod.optionFields.seconds'), {
      choices: yesNo(t('nod.optionFields.seconds2'), t('nod.optionFields.noSeconds')),
    }),
    row('after', t('nod.optionFields.afterTheEnd'), {
      choices: choices(
        ['gone', t('nod.optionFields.nothing')],
        ['text', t('nod.optionFields.showAText2')],
      ),
    }),
    row('after-hours', t('nod.optionFields.hoursToShowTheText'), {
      isFor: (values) => values['after'] === 'text',
    }),
  ],
  'review-tab': [
    row('edge', t('nod.optionFields.side'), {
      choices: choices(['end', t('nod.optionFields.end')], ['start', t('nod.optionFields.start')]),
    }),
  ],
  'picked-quotes': [
    row('pick', t('nod.optionFields.reviews2'), {
      choices: choices(
        ['by-rule', t('nod.optionFields.newestMatchingReviews')],
        ['by-hand', t('nod.optionFields.reviewsIChoose')],
        ['of-the-shop', t('nod.optionFields.reviewsAboutYourShop')],
      ),
    }),
    row('how-many', t('nod.optionFields.maximumNumber'), {
      isFor: (values) => values['pick'] === 'by-rule',
    }),
    row('least-stars', t('nod.optionFields.minimumStars'), {
      isFor: (values) => values['pick'] === 'by-rule',
    }),
    row('least-words', t('nod.optionFields.minimumWords'), {
      isFor: (values) => values['pick'] === 'by-rule',
    }),
    row('reviews', t('nod.optionFields.chosenReviews'), {
      isFor: (values) => values['pick'] === 'by-hand',
    }),
    row('lay', t('nod.optionFields.layout2'), {
      choices: choices(
        ['in-turn', t('nod.optionFields.oneCardAtATime')],
        ['carousel', t('nod.optionFields.severalSideBySideMoving')],
        ['row', t('nod.optionFields.aRow')],
        ['line', t('nod.optionFields.oneLineAtATime')],
      ),
    }),
    row('in-view', t('nod.optionFields.visibleAtOnce'), {
      isFor: ({ lay }) => lay === 'carousel' || lay === 'row',
    }),
    row('in-view-narrow', t('nod.optionFields.visibleAtOnceOnPhones'), {
      isFor: ({ lay }) => lay === 'carousel' || lay === 'row',
    }),
    row('longest', t('nod.optionFields.shortenAfter'), {
      after: t('nod.optionFields.charactersNeverTurnsCriticismInto'),
    }),
    row('arrows', t('nod.optionFields.arrows'), {
      choices: yesNo(t('nod.optionFields.arrows2'), t('nod.optionFields.noArrows')),
      isFor: turns,
    }),
    row('dots', t('nod.optionFields.dots'), {
      choices: yesNo(t('nod.optionFields.dots2'), t('nod.optionFields.noDots')),
      isFor: turns,
    }),
    row('seconds', t('nod.optionFields.seconds'), {
      after: t('nod.optionFields.seconds0Manual'),
      isFor: turns,
    }),
    row('foot', t('nod.optionFields.averageOfAllReviews'), {
      choices: yesNo(t('nod.optionFields.belowTheQuotes'), t('nod.optionFields.notShown2')),
    }),
    row('link', t('nod.optionFields.link'), {
      choices: yesNo(t('nod.optionFields.toAllReviews'), t('nod.optionFields.none5')),
    }),
  ],
  'price-drop-label': [
    row('least-percent', t('nod.optionFields.minimumDrop')),
    row('tells', t('nod.optionFields.showAs'), {
      choices: choices(
        ['percent', t('nod.optionFields.percentage')],
        ['amount', t('nod.optionFields.amount')],
      ),
    }),
    row('against', t('nod.optionFields.compareWith'), {
      choices: choices(
        ['lowest-before', t('nod.optionFields.theLowestPriceBeforeThe')],
        ['own-reference', t('nod.optionFields.yourOwnReferencePrice')],
      ),
    }),
    row('days-before', t('nod.optionFields.daysBeforeTheDrop'), {
      after: t('nod.optionFields.days'),
      isFor: byHistory,
    }),
    row('days-told', t('nod.optionFields.showFor'), {
      after: t('nod.optionFields.daysAfterTheDrop'),
      isFor: byHistory,
    }),
    row('steps', t('nod.optionFields.afterSeveralDropsCompareWith'), {
      choices: choices(
        ['latest', t('nod.optionFields.thePriceBeforeTheLast')],
        ['first', t('nod.optionFields.thePriceBeforeTheFirst')],
      ),
      isFor: byHistory,
    }),
    ...LIES,
  ],
  'bestseller-label': [
    row('first', t('nod.optionFields.top'), { after: '' }),
    row('among', t('nod.optionFields.in'), {
      choices: choices(
        ['category', t('nod.optionFields.itsCategory')],
        ['shop', t('nod.optionFields.wholeShop')],
      ),
    }),
    row('days', t('nod.optionFields.dates'), {
      after: t('nod.optionFields.days'),
    }),
    row('least-sold', t('nod.optionFields.minimumSold2')),
    ...LIES,
  ],
  'new-label': [
    row('days', t('nod.optionFields.dates'), {
      after: t('nod.optionFields.days'),
    }),
    ...LIES,
  ],
  'low-stock-label': [row('at-most', t('nod.optionFields.showAtOrBelow2')), ...LIES],
  'sold-out-label': LIES,
  'back-on-label': LIES,
  'own-label': LIES,
  'trust-badges': [
    row('columns', t('nod.optionFields.perRow')),
    row('columns-narrow', t('nod.optionFields.perRowOnPhones')),
    row('links', t('nod.optionFields.link2'), {
      choices: choices(
        ['whole', t('nod.optionFields.theWholePromise')],
        ['below', t('nod.optionFields.belowTheText')],
      ),
    }),
  ],
};
