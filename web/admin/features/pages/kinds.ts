const choices = (...texts: [string, string][]) => texts.map(([value, text]) => ({ value, text }));

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
    },
  },
];

/** What the owner reads of a kind. */
export const kindOf = (name: string) => KINDS.find((kind) => kind.value === name);

/** What a word of a kind is for. */
export function meaningOf(kind: string, word: string): string {
  return kindOf(kind)?.words[word] ?? word;
}
