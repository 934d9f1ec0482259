import { choices } from '../../../shared/choices';

/** A value of a look as a sentence. */
export interface LookRow {
  name: string;
  label: string;
  before: string;
  after: string;
  form: 'colour' | 'pixels' | 'number' | 'choice' | 'pair' | 'mark';
  choices?: { value: string; text: string }[];
  /** what of the shop's own files can be chosen too */
  own?: 'FONT' | 'PICTURE';
  /** where to begin when nothing is set */
  start: string;
  isNarrow: boolean;
}

type Rest = Partial<LookRow>;

const row = (name: string, before: string, label: string, rest: Rest): LookRow => ({
  name,
  before,
  label,
  after: '',
  form: 'pixels',
  start: '0',
  isNarrow: false,
  ...rest,
});

/** The values, in the order in which an owner looks at them. */
export const LOOK_ROWS: { title: string; rows: LookRow[] }[] = [
  {
    title: 'The ground',
    rows: [
      row('pair', 'in the pair', 'Pair', { form: 'pair', start: '', after: 'of the brand kit' }),
      row('ground', 'on', 'Ground', { form: 'colour', start: '#ffffff', isNarrow: true }),
      row('ground-to', 'running to', 'Second ground', { form: 'colour', start: '#f3eee4' }),
      row('edge', 'with an edge of', 'Edge', { after: 'px', start: '1', isNarrow: true }),
      row('line', 'drawn in', 'Edge colour', { form: 'colour', start: '#d8d0c4' }),
      row('corner', 'with corners of', 'Corner', { after: 'px', start: '8', isNarrow: true }),
      row('shadow', 'and', 'Shadow', {
        form: 'choice',
        start: 'none',
        choices: choices(
          ['none', 'no shadow'],
          ['soft', 'a soft shadow'],
          ['deep', 'a deep shadow'],
        ),
      }),
    ],
  },
  {
    title: 'The words',
    rows: [
      row('font', 'set in', 'Font', {
        form: 'choice',
        own: 'FONT',
        start: 'shop',
        choices: choices(
          ['shop', 'the shop’s own font'],
          ['Instrument Sans', 'Instrument Sans'],
          ['Bricolage Grotesque', 'Bricolage Grotesque'],
        ),
      }),
      row('size', 'at', 'Size', { after: 'px', start: '16', isNarrow: true }),
      row('weight', 'in weight', 'Weight', {
        form: 'choice',
        start: '400',
        choices: choices(
          ['300', '300'],
          ['400', '400'],
          ['500', '500'],
          ['600', '600'],
          ['700', '700'],
        ),
      }),
      row('line-height', 'with lines of', 'Line height', {
        form: 'number',
        start: '1.5',
        after: 'times their size',
        isNarrow: true,
      }),
      row('align', 'beginning', 'Alignment', {
        form: 'choice',
        start: 'start',
        isNarrow: true,
        choices: choices(
          ['start', 'at the start'],
          ['center', 'in the middle'],
          ['end', 'at the end'],
        ),
      }),
      row('ink', 'in', 'Colour of the words', { form: 'colour', start: '#271b2d' }),
      row('ink-soft', 'what is said in passing in', 'Soft colour', {
        form: 'colour',
        start: '#6b5f6f',
      }),
      row('accent', 'headings in', 'Accent', { form: 'colour', start: '#3f5c49' }),
    ],
  },
  {
    title: 'Stars and drawings',
    rows: [
      row('star-shape', 'drawn as', 'Star shape', {
        form: 'choice',
        own: 'PICTURE',
        start: 'star',
        choices: choices(
          ['star', 'stars'],
          ['leaf', 'leaves'],
          ['petal', 'petals'],
          ['seed', 'seeds'],
          ['dot', 'dots'],
        ),
      }),
      row('star', 'in', 'Star colour', { form: 'colour', start: '#8a5a00' }),
      row('icon', 'with', 'Drawing', {
        form: 'mark',
        own: 'PICTURE',
        start: 'none',
        after: 'before it',
      }),
      row('arrow', 'leading on and back by', 'Arrow', {
        form: 'choice',
        own: 'PICTURE',
        start: 'words',
        choices: choices(['words', 'words'], ['angle', 'an angle'], ['shaft', 'an arrow']),
      }),
    ],
  },
  {
    title: 'The space',
    rows: [
      row('inside', 'inside its edge', 'Space inside', {
        after: 'px',
        start: '12',
        isNarrow: true,
      }),
      row('gap', 'between its parts', 'Space between', {
        after: 'px',
        start: '12',
        isNarrow: true,
      }),
      row('outside', 'above and below it', 'Space around', {
        after: 'px',
        start: '8',
        isNarrow: true,
      }),
      row('entrance', 'and it', 'Entrance', {
        form: 'choice',
        start: 'none',
        choices: choices(['none', 'is simply there'], ['fade', 'fades in'], ['rise', 'rises in']),
      }),
    ],
  },
];
