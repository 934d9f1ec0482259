import { choices } from '../../../shared/choices';

/** An option of a nod as a sentence. */
export interface OptionRow {
  name: string;
  label: string;
  before: string;
  after: string;
  choices?: { value: string; text: string }[];
  /** whether it matters with what else is set */
  isFor?: (values: Record<string, string>) => boolean;
}

type Rest = Partial<OptionRow>;

const row = (name: string, before: string, label: string, rest: Rest = {}): OptionRow => ({
  name,
  before,
  label,
  after: '',
  ...rest,
});
const yesNo = (yes: string, no: string) => choices(['yes', yes], ['no', no]);
const beside = (values: Record<string, string>) => values['layout'] !== 'list';
const turns = (values: Record<string, string>) => values['lay'] !== 'row';

const byHistory = (values: Record<string, string>) => values['against'] !== 'own-reference';

/** How a label lies on a picture. */
const LIES: OptionRow[] = [
  row('on-picture', 'with at most', 'Labels on a picture', { after: 'labels on a picture' }),
  row('turn', 'turned by', 'Turn', { after: '°' }),
  row('opacity', 'at', 'Opacity', { after: '% opacity' }),
  row('words', 'showing', 'What is seen', {
    choices: yesNo('the words', 'the drawing alone'),
  }),
];

/** What can be set of each kind beside its look, in the order in which an owner thinks of it. */
export const OPTION_ROWS: Record<string, OptionRow[]> = {
  'star-line': [
    row('stars', 'shows', 'Stars', { choices: yesNo('stars and mean', 'no stars') }),
    row('counts', 'and counts', 'What is counted', {
      choices: choices(
        ['all', 'all reviews'],
        ['verified', 'those bought here'],
        ['both', 'all, and those bought here'],
        ['nothing', 'nothing'],
      ),
    }),
  ],
  'review-wall': [
    row('layout', 'laid out as', 'Layout', {
      choices: choices(
        ['list', 'a list'],
        ['grid', 'a grid, rows alike'],
        ['masonry', 'columns, pictures first'],
      ),
    }),
    row('columns', 'in', 'Columns', { after: 'columns', isFor: beside }),
    row('columns-narrow', 'narrow in', 'Columns on narrow screens', { isFor: beside }),
    row('order', 'beginning with', 'Order', {
      choices: choices(
        ['newest', 'the newest'],
        ['most-helpful', 'the most helpful'],
        ['highest', 'the highest rated'],
        ['lowest', 'the lowest rated'],
        ['pictures-first', 'those with pictures'],
      ),
    }),
    row('turning', 'further ones', 'Further reviews', {
      choices: choices(['pages', 'on numbered pages'], ['more', 'under the others, by a button']),
    }),
    row('summary', 'with', 'Summary', {
      choices: choices(['full', 'the whole summary'], ['compact', 'a summary in one line']),
    }),
    row('list', 'the reviews', 'Reviews at first', {
      choices: choices(['open', 'open'], ['folded', 'folded at first']),
    }),
    row('dates', 'days told as', 'Days', {
      choices: choices(['date', 'a date'], ['ago', 'so long ago']),
    }),
    row('flags', 'countries', 'Flags', { choices: yesNo('with their flag', 'by name alone') }),
    row('translation', 'other languages', 'Translation', {
      choices: yesNo('with a translation to ask for', 'as they are'),
    }),
    row('form', 'the form', 'Form', {
      choices: choices(['after', 'after them'], ['before', 'before them'], ['none', 'not here']),
    }),
    row('form-at-first', 'at first', 'Form at first', {
      choices: choices(['folded', 'behind a button'], ['open', 'open']),
      isFor: (values) => values['form'] !== 'none',
    }),
    row('empty', 'without reviews', 'Without reviews', {
      choices: choices(['hidden', 'not there'], ['be-the-first', 'it asks for the first']),
    }),
  ],
  'stock-line': [row('at-most', 'speaks from', 'From how few on', { after: 'pieces down' })],
  'delivery-promise': [
    row('shows', 'shows', 'What it shows', {
      choices: choices(
        ['words', 'a sentence'],
        ['path', 'the stages with their days'],
        ['words-and-path', 'a sentence and the stages'],
      ),
    }),
    row('cut-off', 'with the cut-off', 'Cut-off', {
      choices: choices(
        ['time-left', 'as the time that is left'],
        ['clock', 'as a time of day'],
        ['none', 'left out'],
      ),
    }),
    row('clock', 'on the clock of', 'Whose clock', {
      choices: choices(['shop', 'the shop'], ['shopper', 'the shopper']),
      isFor: (values) => values['cut-off'] === 'clock',
    }),
    row('basket', 'a basket', 'Basket', {
      choices: choices(['together', 'all in one parcel'], ['each', 'line by line']),
    }),
    row('flag', 'the country', 'Flag', { choices: yesNo('with its flag', 'by name alone') }),
    row('country-picker', 'and', 'Country picker', {
      choices: yesNo('others to choose', 'no others to choose'),
    }),
    row('sold-out', 'sold out,', 'Sold out', {
      choices: choices(['nothing', 'it says nothing'], ['text', 'it says so']),
    }),
  ],
  'recent-orders': [
    row('tells', 'tells', 'What it tells', {
      choices: choices(
        ['count', 'how many'],
        ['latest', 'the last order'],
        ['both', 'how many, and the last order'],
      ),
    }),
    row('days', 'of the last', 'Days', { after: 'days' }),
    row('least-sold', 'from', 'Fewest units', { after: 'units on' }),
    row('place', 'naming', 'Place', {
      choices: choices(['town', 'the town'], ['country', 'the country'], ['none', 'no place']),
      isFor: (values) => values['tells'] !== 'count',
    }),
    row('first-names', 'and', 'First names', {
      choices: yesNo('first names of those who agreed', 'no names'),
      isFor: (values) => values['tells'] !== 'count',
    }),
    row('lies', 'as', 'Where it lies', {
      choices: choices(['line', 'a line'], ['notice', 'a notice at the screen’s edge']),
    }),
  ],
  'visitor-count': [
    row('window', 'counts those who looked in', 'Time looked back on', {
      choices: choices(
        ['now', 'the last 5 minutes'],
        ['hour', 'the last hour'],
        ['day', 'the last 24 hours'],
        ['week', 'the last 7 days'],
      ),
    }),
    row('quiet-under', 'and is silent under', 'Silent under'),
  ],
  countdown: [
    row('about', 'speaks of', 'What ends', {
      choices: choices(['offer', 'an offer, or what you say'], ['price', 'the reduced price']),
    }),
    row('show-days', 'shows', 'Days', { choices: yesNo('days', 'no days') }),
    row('show-hours', '', 'Hours', { choices: yesNo('hours', 'no hours') }),
    row('show-minutes', '', 'Minutes', { choices: yesNo('minutes', 'no minutes') }),
    row('show-seconds', 'and', 'Seconds', { choices: yesNo('seconds', 'no seconds') }),
    row('after', 'and after its end', 'After the end', {
      choices: choices(['gone', 'nothing'], ['text', 'a text']),
    }),
    row('after-hours', 'for', 'Hours of the text', {
      after: 'hours',
      isFor: (values) => values['after'] === 'text',
    }),
  ],
  'review-tab': [
    row('edge', 'at the', 'Edge', {
      choices: choices(['end', 'end of the screen'], ['start', 'start of the screen']),
    }),
  ],
  'picked-quotes': [
    row('pick', 'quotes', 'Which reviews', {
      choices: choices(
        ['by-rule', 'the newest that fit'],
        ['by-hand', 'those I choose'],
        ['of-the-shop', 'those of the shop itself, from its listing'],
      ),
    }),
    row('how-many', 'at most', 'How many', { isFor: (values) => values['pick'] === 'by-rule' }),
    row('least-stars', 'from', 'Least stars', {
      after: 'stars on',
      isFor: (values) => values['pick'] === 'by-rule',
    }),
    row('least-words', 'with at least', 'Least words', {
      after: 'words',
      isFor: (values) => values['pick'] === 'by-rule',
    }),
    row('reviews', '', 'Chosen reviews', { isFor: (values) => values['pick'] === 'by-hand' }),
    row('lay', 'as', 'How they stand', {
      choices: choices(
        ['in-turn', 'one card, in turn'],
        ['carousel', 'some beside each other, moving on'],
        ['row', 'a row'],
        ['line', 'one line, in turn'],
      ),
    }),
    row('in-view', 'with', 'In view', {
      after: 'in view',
      isFor: ({ lay }) => lay === 'carousel' || lay === 'row',
    }),
    row('in-view-narrow', 'narrow', 'In view on narrow screens', {
      isFor: ({ lay }) => lay === 'carousel' || lay === 'row',
    }),
    row('longest', 'cut after', 'Longest', {
      after: 'characters, never where blame turns to praise',
    }),
    row('arrows', 'with', 'Arrows', { choices: yesNo('arrows', 'no arrows'), isFor: turns }),
    row('dots', 'and', 'Dots', { choices: yesNo('dots', 'no dots'), isFor: turns }),
    row('seconds', 'moving on after', 'Seconds', {
      after: 'seconds (0: by hand alone)',
      isFor: turns,
    }),
    row('foot', 'the whole figure', 'Whole figure', {
      choices: yesNo('stands under them', 'is left out'),
    }),
    row('link', 'and', 'Link', {
      choices: yesNo('a link leads to all reviews', 'no link leads to the others'),
    }),
  ],
  'price-drop-label': [
    row('least-percent', 'from', 'Least percentage', { after: '% on' }),
    row('tells', 'told', 'How it is told', {
      choices: choices(['percent', 'in percent'], ['amount', 'in money']),
    }),
    row('against', 'against', 'Compared with', {
      choices: choices(
        ['lowest-before', 'the lowest price of the days before the drop'],
        ['own-reference', 'your own price of reference'],
      ),
    }),
    row('days-before', 'of', 'Days before', { after: 'days', isFor: byHistory }),
    row('days-told', 'shown for', 'Days shown', {
      after: 'days after the reduction began',
      isFor: byHistory,
    }),
    row('steps', 'and after several drops in a row', 'Drops in a row', {
      choices: choices(['latest', 'from the latest'], ['first', 'from the first']),
      isFor: byHistory,
    }),
    ...LIES,
  ],
  'bestseller-label': [
    row('first', 'the first', 'How many of the first', { after: '' }),
    row('among', 'of', 'Among', {
      choices: choices(['category', 'its category'], ['shop', 'the whole shop']),
    }),
    row('days', 'by units sold in', 'Days', { after: 'days' }),
    row('least-sold', 'and at least', 'Least units', { after: 'of them' }),
    ...LIES,
  ],
  'new-label': [row('days', 'for', 'Days', { after: 'days' }), ...LIES],
  'low-stock-label': [row('at-most', 'when at most', 'Pieces', { after: 'are left' }), ...LIES],
  'sold-out-label': LIES,
  'back-on-label': LIES,
  'own-label': LIES,
  'trust-badges': [
    row('columns', '', 'Beside one another', { after: 'beside one another' }),
    row('columns-narrow', 'narrow', 'Beside one another on narrow screens'),
    row('links', 'a link', 'Links', {
      choices: choices(['whole', 'is all of the promise'], ['below', 'stands under the words']),
    }),
  ],
};
