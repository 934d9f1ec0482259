import { choices } from '../../shared/choices';
import { FORM_WORDS } from './form-words';

interface Kind {
  /** its name on the wire */
  value: string;
  text: string;
  note: string;
  /** where it usually stands on a product page */
  spot: string;
  /** how much of it is seen where it is picked */
  height: string;
  /** its ready looks; the first is how it looks when none is chosen */
  ready: { value: string; text: string }[];
  /** what each of its words is for */
  words: Record<string, string>;
}

const SHAPES = choices(
  ['plain-words', 'Words'],
  ['pencil', 'Pencil'],
  ['leaf-tag', 'Leaf tag'],
  ['seed-tag', 'Seed tag'],
  ['patch', 'Stitched patch'],
  ['stamp', 'Stamp edge'],
  ['marker', 'Plant marker'],
  ['pebble', 'Pebble'],
  ['twine', 'Twine tag'],
  ['postmark', 'Postmark'],
  ['brush', 'Brush'],
  ['arch', 'Arch'],
);

/** A label of a kind; its usual shape comes first. */
function label(
  value: string,
  text: string,
  note: string,
  usual: string,
  words: Record<string, string>,
): Kind {
  const shapes = SHAPES.map((shape) => (shape.text === usual ? { ...shape, value: '' } : shape));
  const ready = [...shapes].sort((a, b) => Number(b.value === '') - Number(a.value === ''));
  return { value, text, note, spot: 'on-picture', height: 'h-24', ready, words };
}

/** What the owner reads of each kind of nod; a new kind adds its own here. */
export const KINDS: Kind[] = [
  {
    value: 'star-line',
    text: 'Star line',
    note: 'Stars, mean and number of reviews in one line',
    spot: 'under-title',
    height: 'h-20',
    ready: choices(
      ['', 'Plain'],
      ['figure-first', 'Figure first'],
      ['words', 'In words'],
      ['chip', 'Chip'],
      ['single', 'Single'],
    ),
    words: {
      rated: 'what the stars say to a screen reader',
      reviews: 'the number of reviews',
      bought: 'how many bought here',
    },
  },
  {
    value: 'review-wall',
    text: 'Review wall',
    note: 'The reviews themselves, with their summary',
    spot: 'page-end',
    height: 'h-64',
    ready: choices(['', 'Ledger'], ['slips', 'Slips'], ['letter', 'Letter'], ['lines', 'Lines']),
    words: {
      heading: 'the heading',
      rated: 'what the stars say to a screen reader',
      from: 'what the mean comes from',
      checked: 'how many bought here',
      stars: 'a line of the histogram',
      share: 'the reviews of a line',
      verified: 'a purchase that was checked',
      unverified: 'a purchase that was not checked',
      broughtIn: 'a review that was brought in',
      someone: 'a reviewer without a name',
      reply: 'before the shop’s reply',
      featured: 'a featured review',
      incentive: 'what was given for a review',
      pages: 'the pages, to a screen reader',
      page: 'a page, to a screen reader',
      order: 'the order, to a screen reader',
      newest: 'an order: the newest first',
      helpfulFirst: 'an order: the most helpful first',
      highest: 'an order: the best first',
      lowest: 'an order: the worst first',
      picturesFirst: 'an order: those with pictures first',
      pictured: 'to see those with pictures alone',
      bought: 'to see those bought here alone',
      readable: 'to see those in the reader’s language alone',
      ofVariant: 'to see those of a variant alone',
      search: 'the search in the reviews',
      found: 'how many fit what was chosen',
      none: 'when none fits',
      all: 'to see all again',
      helpful: 'the question under a review',
      yes: 'that it was helpful',
      no: 'that it was not',
      picture: 'a picture, to a screen reader',
      close: 'to close a picture',
      previous: 'to the page before',
      next: 'to the next page',
      failed: 'when reviews cannot be loaded',
      more: 'to put more reviews under these',
      unfold: 'to open a folded list',
      fold: 'to fold it again',
      first: 'when nobody has reviewed it yet',
      write: 'to open the form',
      criterion: 'a single thing, to a screen reader',
      pros: 'before what is good',
      cons: 'before what is not',
      translate: 'to read a review in the reader’s language',
      original: 'to read the original again',
      byMachine: 'that a machine translated it',
      translateFailed: 'when no translation can be had',
      shared: 'that other products share these reviews',
    },
  },
  {
    value: 'picked-quotes',
    text: 'Picked quotes',
    note: 'A few reviews, by a rule or by hand, with what all say under them',
    spot: 'under-picture',
    height: 'h-64',
    ready: choices(['', 'Note'], ['margin', 'Margin'], ['hedge', 'Hedge']),
    words: {
      label: 'what it is, to a screen reader',
      rated: 'what the stars say to a screen reader',
      foot: 'what all reviews say',
      all: 'the link to all reviews',
      more: 'to read all of a cut review',
      less: 'to cut it again',
      previous: 'to the one before',
      next: 'to the next one',
      turn: 'which of them it is, to a screen reader',
      stop: 'to stop the turning',
      go: 'to let it go on',
      verified: 'a purchase that was checked',
      unverified: 'a purchase that was not checked',
      broughtIn: 'a review that was brought in',
      someone: 'a reviewer without a name',
      incentive: 'what was given for a review',
    },
  },
  {
    value: 'review-tab',
    text: 'Review tab',
    note: 'A tab at the screen’s edge that opens the reviews in a panel',
    spot: 'screen-edge',
    height: 'h-40',
    ready: choices(['', 'Tab']),
    words: {
      tab: 'what stands on it',
      rated: 'what its star says to a screen reader',
      from: 'what the mean comes from',
    },
  },
  label(
    'price-drop-label',
    'Price drop label',
    'How far a price fell, by the recorded prices',
    'Leaf tag',
    {
      off: 'the percentage',
      upTo: 'the greatest percentage, where variants differ',
      less: 'the amount',
      upToLess: 'the greatest amount, where variants differ',
    },
  ),
  label('bestseller-label', 'Bestseller label', 'What sells best, by the orders', 'Stamp edge', {
    best: 'among all of the shop',
    bestIn: 'in its category',
  }),
  label('new-label', 'New label', 'What the shop shows since a few days', 'Seed tag', {
    new: 'that it is new',
  }),
  label('low-stock-label', 'Low stock label', 'How few are left, by the stock', 'Words', {
    last: 'how many are left',
  }),
  label('sold-out-label', 'Sold out label', 'That none is left', 'Stitched patch', {
    out: 'that none is left',
  }),
  label(
    'back-on-label',
    'Back again label',
    'When something sold out comes again',
    'Stitched patch',
    {
      back: 'the day',
    },
  ),
  label('own-label', 'Label of your own', 'Your words, with values of the product', 'Words', {
    own: 'your words',
  }),
  {
    value: 'trust-badges',
    text: 'Trust badges',
    note: 'What the shop promises, or its ways to pay',
    spot: 'under-buy',
    height: 'h-28',
    ready: choices(
      ['', 'Abreast'],
      ['sill', 'Sill'],
      ['window-box', 'Window box'],
      ['list', 'List'],
      ['till', 'Till'],
    ),
    words: {
      name: 'what they are, to a screen reader',
      terms: 'the link to the terms',
    },
  },
  {
    value: 'visitor-count',
    text: 'Visitor count',
    note: 'How many looked at it lately, as counted; silent while few',
    spot: 'under-buy',
    height: 'h-20',
    ready: choices(
      ['', 'Calm pulse'],
      ['eye', 'Eye'],
      ['chip', 'Quiet chip'],
      ['dark-chip', 'Dark chip'],
    ),
    words: {
      now: 'the last 5 minutes',
      hour: 'the last hour',
      day: 'the last 24 hours',
      week: 'the last 7 days',
    },
  },
  {
    value: 'stock-line',
    text: 'Stock line',
    note: 'How few are left, by the stock that the shop told',
    spot: 'above-buy',
    height: 'h-20',
    ready: choices(['', 'Said'], ['bar', 'Bar'], ['row', 'Row of pots']),
    words: {
      left: 'how many are left',
      of: 'the same, of what the last delivery brought',
      more: 'when more can be had',
    },
  },
  {
    value: 'delivery-promise',
    text: 'Delivery promise',
    note: 'When what is ordered now arrives, by your timings in Delivery',
    spot: 'under-buy',
    height: 'h-40',
    ready: choices(['', 'Plain'], ['band', 'Band'], ['slip', 'Parcel slip']),
    words: {
      left: 'with the time that is left',
      clock: 'with the cut-off as a time of day',
      plain: 'without a cut-off',
      back: 'while it waits to be there again',
      ordered: 'on the confirmation of an order',
      small: 'on a card',
      soldOut: 'when it is sold out',
      placed: 'the first stage',
      leaves: 'the second stage',
      arrives: 'the third stage',
      assumed: 'when the country is not known',
      choose: 'before the countries to choose',
      none: 'a line without a promise',
      lines: 'the lines of a basket, to a screen reader',
    },
  },
  {
    value: 'recent-orders',
    text: 'Recent orders',
    note: 'What was ordered lately: real orders, nothing that points to a person',
    spot: 'under-buy',
    height: 'h-24',
    ready: choices(['', 'With a basket'], ['bare', 'Words alone']),
    words: {
      units: 'how many in some days',
      today: 'how many today',
      lastIn: 'the last order, with its place',
      last: 'the last order',
      someone: 'whoever ordered',
      lately: 'within the last hour',
      onDay: 'on a day',
      name: 'the notice, to a screen reader',
      close: 'to close the notice, to a screen reader',
    },
  },
  {
    value: 'countdown',
    text: 'Countdown',
    note: 'How long something still holds, by the shop’s clock',
    spot: 'above-buy',
    height: 'h-24',
    ready: choices(
      ['', 'Plain line'],
      ['boxes', 'Boxes'],
      ['digits', 'Turning digits'],
      ['bar', 'Thin bar'],
      ['ring', 'Ring'],
    ),
    words: {
      before: 'before the numbers',
      after: 'behind the numbers',
      until: 'when it ends, on the shop’s clock',
      untilThen: 'the same, where the next price is planned',
      midnight: 'an end at the end of a day',
      ended: 'when it has ended, where a text follows',
      left: 'what is left, to a screen reader',
      days: 'the days',
      hours: 'the hours',
      minutes: 'the minutes',
      seconds: 'the seconds',
    },
  },
];

/** What the owner reads of a kind. */
export const kindOf = (name: string) => KINDS.find((kind) => kind.value === name);

/** Words of the wall that a tab opens. */
const WALL = 'wall-';

/** What a word of a kind is for. */
export function meaningOf(kind: string, word: string): string {
  if (word.startsWith(WALL))
    return `the panel: ${meaningOf('review-wall', word.slice(WALL.length))}`;
  return kindOf(kind)?.words[word] ?? FORM_WORDS[word] ?? word;
}
