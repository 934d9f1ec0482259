import { choices } from '../../shared/choices';
import { FORM_TEXT_NAMES } from './form-text-names';
import type { KindTexts } from './kind-texts';
import { MOVING } from './kinds-moving';
import { ofKind, type OfEachKind } from './kind-name';
import { t } from '../../shared/t';

const SHAPES = choices(
  ['plain-words', t('pages.kinds.text')],
  ['pencil', t('pages.kinds.pencil')],
  ['leaf-tag', t('pages.kinds.leafTag')],
  ['seed-tag', t('pages.kinds.seedTag')],
  ['patch', t('pages.kinds.stitchedPatch')],
  ['stamp', t('pages.kinds.stampEdge')],
  ['marker', t('pages.kinds.plantMarker')],
  ['pebble', t('pages.kinds.pebble')],
  ['twine', t('pages.kinds.twineTag')],
  ['postmark', t('pages.kinds.postmark')],
  ['brush', t('pages.kinds.brush')],
  ['arch', t('pages.kinds.arch')],
);

/** A label of a kind; its usual shape comes first. */
function label(
  text: string,
  note: string,
  usual: string,
  words: Record<string, string>,
): KindTexts {
  const shape = SHAPES.find((one) => one.text === usual)?.value ?? '';
  const shapes = SHAPES.map((one) => (one.value === shape ? { ...one, value: '' } : one));
  const ready = [...shapes].sort((a, b) => Number(b.value === '') - Number(a.value === ''));
  return { text, note, spot: 'on-picture', height: 'h-24', ready, words, shape };
}

/** What the owner reads of each kind of nod; a new kind adds its own here. */
const TEXTS: OfEachKind<KindTexts> = {
  'star-line': {
    text: t('pages.kinds.starLine'),
    note: t('pages.kinds.starsAverageAndNumberOf'),
    spot: 'under-title',
    height: 'h-20',
    ready: choices(
      ['', t('pages.kinds.plain')],
      ['figure-first', t('pages.kinds.numberFirst')],
      ['words', t('pages.kinds.inWords')],
      ['chip', t('pages.kinds.chip')],
      ['single', t('pages.kinds.single')],
    ),
    words: {
      rated: t('pages.kinds.starRatingScreenReaders'),
      reviews: t('pages.kinds.numberOfReviews'),
      bought: t('pages.kinds.numberBoughtHere'),
    },
  },
  'review-wall': {
    text: t('pages.kinds.reviewWall'),
    note: t('pages.kinds.allReviewsWithTheirSummary'),
    spot: 'page-end',
    height: 'h-64',
    ready: choices(
      ['', t('pages.kinds.margin')],
      ['slips', t('pages.kinds.spine')],
      ['letter', t('pages.kinds.letter')],
      ['lines', t('pages.kinds.lines')],
    ),
    words: {
      heading: t('pages.kinds.heading'),
      rated: t('pages.kinds.starRatingScreenReaders'),
      from: t('pages.kinds.numberOfReviewsBehindThe'),
      checked: t('pages.kinds.numberBoughtHere'),
      marked: t('pages.kinds.whatSearchEnginesShowIf'),
      stars: t('pages.kinds.starsInTheSpread'),
      share: t('pages.kinds.reviewsInTheSpreadScreen'),
      verified: t('pages.kinds.boughtHere'),
      unverified: t('pages.kinds.purchaseNotChecked'),
      broughtIn: t('pages.kinds.importedReview'),
      someone: t('pages.kinds.reviewerWithoutAName'),
      reply: t('pages.kinds.beforeYourReply'),
      featured: t('pages.kinds.featuredReview'),
      incentive: t('pages.kinds.incentiveReceived'),
      pages: t('pages.kinds.pagesScreenReaders'),
      page: t('pages.kinds.pageScreenReaders'),
      order: t('pages.kinds.sortMenuScreenReaders'),
      newest: t('pages.kinds.sortNewest'),
      helpfulFirst: t('pages.kinds.sortMostHelpful'),
      highest: t('pages.kinds.sortHighestRating'),
      lowest: t('pages.kinds.sortLowestRating'),
      picturesFirst: t('pages.kinds.sortWithPhotosFirst'),
      pictured: t('pages.kinds.filterWithPhotos'),
      bought: t('pages.kinds.filterBoughtHere'),
      readable: t('pages.kinds.filterReadersLanguage'),
      ofVariant: t('pages.kinds.filterVariant'),
      search: t('pages.kinds.searchField'),
      found: t('pages.kinds.numberOfMatchingReviews'),
      none: t('pages.kinds.noMatchingReviews'),
      all: t('pages.kinds.clearFilters'),
      helpful: t('pages.kinds.questionBelowAReview'),
      yes: t('pages.kinds.helpful'),
      no: t('pages.kinds.notHelpful'),
      picture: t('pages.kinds.photoScreenReaders'),
      close: t('pages.kinds.closeAPhoto'),
      previous: t('pages.kinds.previousPage'),
      next: t('pages.kinds.nextPage'),
      failed: t('pages.kinds.reviewsCouldNotBeLoaded'),
      more: t('pages.kinds.showMoreReviews'),
      unfold: t('pages.kinds.showAHiddenList'),
      fold: t('pages.kinds.hideTheList'),
      first: t('pages.kinds.noReviewsYet'),
      write: t('pages.kinds.writeAReview'),
      criterion: t('pages.kinds.detailedRatingScreenReaders'),
      pros: t('pages.kinds.beforeThePros'),
      cons: t('pages.kinds.beforeTheCons'),
      translate: t('pages.kinds.translateAReview'),
      original: t('pages.kinds.showTheOriginal'),
      byMachine: t('pages.kinds.machineTranslation'),
      translateFailed: t('pages.kinds.translationNotAvailable'),
      shared: t('pages.kinds.reviewsSharedWithOtherProducts'),
    },
  },
  'picked-quotes': {
    text: t('pages.kinds.pickedQuotes'),
    note: t('pages.kinds.aFewReviewsByA'),
    spot: 'under-picture',
    height: 'h-64',
    ready: choices(
      ['', t('pages.kinds.note')],
      ['margin', t('pages.kinds.margin2')],
      ['hedge', t('pages.kinds.hedge')],
    ),
    words: {
      label: t('pages.kinds.nameOfTheNodScreen'),
      rated: t('pages.kinds.starRatingScreenReaders'),
      foot: t('pages.kinds.averageOfAllReviews'),
      all: t('pages.kinds.linkToAllReviews'),
      more: t('pages.kinds.readMoreOfAShortened'),
      less: t('pages.kinds.showLess'),
      previous: t('pages.kinds.previousQuote'),
      next: t('pages.kinds.nextQuote'),
      turn: t('pages.kinds.positionOfTheQuoteScreen'),
      stop: t('pages.kinds.pause'),
      go: t('pages.kinds.resume'),
      verified: t('pages.kinds.boughtHere'),
      unverified: t('pages.kinds.purchaseNotChecked'),
      broughtIn: t('pages.kinds.importedReview'),
      someone: t('pages.kinds.reviewerWithoutAName'),
      incentive: t('pages.kinds.incentiveReceived'),
    },
  },
  'review-tab': {
    text: t('pages.kinds.reviewBookmark'),
    note: t('pages.kinds.aBookmarkBelowThePage'),
    spot: 'screen-edge',
    height: 'h-40',
    ready: choices(['', t('pages.kinds.bookmark')]),
    words: {
      tab: t('pages.kinds.textOnIt'),
      rated: t('pages.kinds.starRatingScreenReaders2'),
      from: t('pages.kinds.numberOfReviewsBehindThe'),
    },
  },
  'price-drop-label': label(
    t('pages.kinds.priceDropLabel'),
    t('pages.kinds.howMuchThePriceDropped'),
    t('pages.kinds.leafTag'),
    {
      off: t('pages.kinds.percentage'),
      upTo: t('pages.kinds.highestPercentageIfVariantsDiffer'),
      less: t('pages.kinds.amount'),
      upToLess: t('pages.kinds.highestAmountIfVariantsDiffer'),
    },
  ),
  'bestseller-label': label(
    t('pages.kinds.bestsellerLabel'),
    t('pages.kinds.yourBestSellersFromYour'),
    t('pages.kinds.stampEdge'),
    {
      best: t('pages.kinds.inTheWholeShop'),
      bestIn: t('pages.kinds.inItsCategory'),
    },
  ),
  'new-label': label(
    t('pages.kinds.newLabel'),
    t('pages.kinds.productsAddedRecently'),
    t('pages.kinds.seedTag'),
    {
      new: t('pages.kinds.new'),
    },
  ),
  'low-stock-label': label(
    t('pages.kinds.lowStockLabel'),
    t('pages.kinds.howFewAreLeftFrom'),
    t('pages.kinds.text'),
    {
      last: t('pages.kinds.numberLeft'),
    },
  ),
  'sold-out-label': label(
    t('pages.kinds.soldOutLabel'),
    t('pages.kinds.productsThatAreSoldOut'),
    t('pages.kinds.stitchedPatch'),
    {
      out: t('pages.kinds.soldOut'),
    },
  ),
  'back-on-label': label(
    t('pages.kinds.backInStockLabel'),
    t('pages.kinds.whenASoldOutProduct'),
    t('pages.kinds.stitchedPatch'),
    {
      back: t('pages.kinds.day'),
    },
  ),
  'own-label': label(
    t('pages.kinds.yourOwnLabel'),
    t('pages.kinds.yourOwnTextWithProduct'),
    t('pages.kinds.text'),
    {
      own: t('pages.kinds.yourText'),
    },
  ),
  'trust-badges': {
    text: t('pages.kinds.trustBadges'),
    note: t('pages.kinds.yourPromisesOrPaymentMethods'),
    spot: 'under-buy',
    height: 'h-28',
    ready: choices(
      ['', t('pages.kinds.sideBySide')],
      ['sill', t('pages.kinds.sill')],
      ['window-box', t('pages.kinds.windowBox')],
      ['list', t('pages.kinds.list')],
      ['till', t('pages.kinds.till')],
    ),
    words: {
      name: t('pages.kinds.nameOfTheNodScreen2'),
      terms: t('pages.kinds.linkToYourTerms'),
    },
  },
  ...MOVING,
};

export interface Kind extends KindTexts {
  /** its name on the wire */
  value: string;
}

/** All kinds, in the order in which they are offered. */
export const KINDS: Kind[] = Object.entries(TEXTS).map(([value, texts]) => ({ value, ...texts }));

/** What the owner reads of a kind. */
export const kindOf = (name: string) => ofKind(TEXTS, name);

/** The shape that a kind of label has when none is chosen; none for what is no label. */
export const usualShape = (name: string) => kindOf(name)?.shape;

/** Words of the wall that a tab opens. */
const WALL = 'wall-';

/** What a word of a kind is for. */
export function meaningOf(kind: string, word: string): string {
  if (word.startsWith(WALL))
    return t('pages.kinds.panel', {
      meaningOf: meaningOf('review-wall', word.slice(WALL.length)),
    });
  return kindOf(kind)?.words[word] ?? FORM_TEXT_NAMES[word] ?? word;
}
