import { choices } from '../../shared/choices';
import { FORM_WORDS } from './form-words';
import { MOVING } from './kinds-moving';

export interface Kind {
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
  /** of a label, the name of its usual shape */
  shape?: string;
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
  const shape = SHAPES.find((one) => one.text === usual)?.value ?? '';
  const shapes = SHAPES.map((one) => (one.value === shape ? { ...one, value: '' } : one));
  const ready = [...shapes].sort((a, b) => Number(b.value === '') - Number(a.value === ''));
  return { value, text, note, spot: 'on-picture', height: 'h-24', ready, words, shape };
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
      marked: 'what search engines show, where it differs',
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
  label('new-label', 'New label', 'What has been in the shop for a few days only', 'Seed tag', {
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
  ...MOVING,
];

/** What the owner reads of a kind. */
export const kindOf = (name: string) => KINDS.find((kind) => kind.value === name);

/** The shape that a kind of label has when none is chosen; none for what is no label. */
export const usualShape = (name: string) => kindOf(name)?.shape;

/** Words of the wall that a tab opens. */
const WALL = 'wall-';

/** What a word of a kind is for. */
export function meaningOf(kind: string, word: string): string {
  if (word.startsWith(WALL))
    return `the panel: ${meaningOf('review-wall', word.slice(WALL.length))}`;
  return kindOf(kind)?.words[word] ?? FORM_WORDS[word] ?? word;
}
