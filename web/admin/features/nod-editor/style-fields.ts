import { choices } from '../../shared/choices';
import { t } from '../../shared/t';

/** A value of a look as a labelled field. */
export interface StyleField {
  name: string;
  label: string;
  /** the unit behind a number */
  after: string;
  form: 'colour' | 'pixels' | 'number' | 'choice' | 'pair' | 'mark';
  choices?: { value: string; text: string }[];
  /** what of the shop's own files can be chosen too */
  own?: 'FONT' | 'PICTURE';
  /** where to begin when nothing is set */
  start: string;
  isNarrow: boolean;
}

type Rest = Partial<StyleField>;

const row = (name: string, label: string, rest: Rest): StyleField => ({
  name,
  label,
  after: '',
  form: 'pixels',
  start: '0',
  isNarrow: false,
  ...rest,
});

/** The values, in the order in which an owner looks at them. */
export const STYLE_FIELDS: { title: string; isText?: true; rows: StyleField[] }[] = [
  {
    title: t('nod.styleFields.background'),
    rows: [
      row('pair', t('nod.styleFields.colourPair'), {
        form: 'pair',
        start: '',
      }),
      row('ground', t('nod.styleFields.colour'), {
        form: 'colour',
        start: '#ffffff',
        isNarrow: true,
      }),
      row('ground-to', t('nod.styleFields.gradientTo'), {
        form: 'colour',
        start: '#f3eee4',
      }),
      row('edge', t('nod.styleFields.borderWidth'), {
        after: 'px',
        start: '1',
        isNarrow: true,
      }),
      row('line', t('nod.styleFields.borderColour'), {
        form: 'colour',
        start: '#d8d0c4',
      }),
      row('corner', t('nod.styleFields.cornerRadius'), {
        after: 'px',
        start: '8',
        isNarrow: true,
      }),
      row('shadow', t('nod.styleFields.shadow'), {
        form: 'choice',
        start: 'none',
        choices: choices(
          ['none', t('nod.styleFields.none')],
          ['soft', t('nod.styleFields.soft')],
          ['deep', t('nod.styleFields.strong')],
        ),
      }),
    ],
  },
  {
    title: t('nod.styleFields.text'),
    isText: true,
    rows: [
      row('font', t('nod.styleFields.font'), {
        form: 'choice',
        own: 'FONT',
        start: 'shop',
        choices: choices(
          ['shop', t('nod.styleFields.shopDefault')],
          ['Instrument Sans', t('nod.styleFields.instrumentSans')],
          ['Bricolage Grotesque', t('nod.styleFields.bricolageGrotesque')],
        ),
      }),
      row('size', t('nod.styleFields.size'), {
        after: 'px',
        start: '16',
        isNarrow: true,
      }),
      row('weight', t('nod.styleFields.weight'), {
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
      row('line-height', t('nod.styleFields.lineHeight'), {
        form: 'number',
        start: '1.5',
        isNarrow: true,
      }),
      row('align', t('nod.styleFields.alignment'), {
        form: 'choice',
        start: 'start',
        isNarrow: true,
        choices: choices(
          ['start', t('nod.styleFields.start')],
          ['center', t('nod.styleFields.centre')],
          ['end', t('nod.styleFields.end')],
        ),
      }),
      row('ink', t('nod.styleFields.textColour'), {
        form: 'colour',
        start: '#271b2d',
      }),
      row('ink-soft', t('nod.styleFields.secondaryText'), {
        form: 'colour',
        start: '#6b5f6f',
      }),
      row('accent', t('nod.styleFields.accentHeadings'), {
        form: 'colour',
        start: '#3f5c49',
      }),
    ],
  },
  {
    title: t('nod.styleFields.starsAndIcons'),
    rows: [
      row('star-shape', t('nod.styleFields.starShape'), {
        form: 'choice',
        own: 'PICTURE',
        start: 'star',
        choices: choices(
          ['star', t('nod.styleFields.stars')],
          ['leaf', t('nod.styleFields.leaves')],
          ['petal', t('nod.styleFields.petals')],
          ['seed', t('nod.styleFields.seeds')],
          ['dot', t('nod.styleFields.dots')],
        ),
      }),
      row('star', t('nod.styleFields.starColour'), {
        form: 'colour',
        start: '#8a5a00',
      }),
      row('icon', t('nod.styleFields.icon'), {
        form: 'mark',
        own: 'PICTURE',
        start: t('nod.styleFields.none2'),
      }),
      row('arrow', t('nod.styleFields.arrowStyle'), {
        form: 'choice',
        own: 'PICTURE',
        start: 'words',
        choices: choices(
          ['words', t('nod.styleFields.words')],
          ['angle', t('nod.styleFields.chevron')],
          ['shaft', t('nod.styleFields.arrow')],
        ),
      }),
    ],
  },
  {
    title: t('nod.styleFields.spacing'),
    rows: [
      row('inside', t('nod.styleFields.padding'), {
        after: 'px',
        start: '12',
        isNarrow: true,
      }),
      row('gap', t('nod.styleFields.gap'), {
        after: 'px',
        start: '12',
        isNarrow: true,
      }),
      row('outside', t('nod.styleFields.spaceAboveAndBelow'), {
        after: 'px',
        start: '8',
        isNarrow: true,
      }),
      row('entrance', t('nod.styleFields.animation'), {
        form: 'choice',
        start: 'none',
        choices: choices(
          ['none', t('nod.styleFields.none3')],
          ['fade', t('nod.styleFields.fadeIn')],
          ['rise', t('nod.styleFields.slideUp')],
        ),
      }),
    ],
  },
];
