import { choices } from '../../shared/choices';
import { t } from '../../shared/t';

/** An option of a nod as a labelled field. */
export interface OptionField {
  name: string;
  label: string;
  /** the unit behind a number */
  after: string;
  choices?: { value: string; text: string }[];
  /** whether it matters with what else is set */
  isFor?: (values: Record<string, string>) => boolean;
}

type Rest = Partial<OptionField>;

/** A field for an option. */
export const row = (name: string, label: string, rest: Rest = {}): OptionField => ({
  name,
  label,
  after: '',
  ...rest,
});
/** Two choices. */
export const yesNo = (yes: string, no: string) => choices(['yes', yes], ['no', no]);
/** Whether reviews stand beside each other. */
export const beside = (values: Record<string, string>) => values['layout'] !== 'list';
/** Whether what is quoted takes turns. */
export const turns = (values: Record<string, string>) => values['lay'] !== 'row';

/** Whether a price is compared with what it was. */
export const byHistory = (values: Record<string, string>) => values['against'] !== 'own-reference';

/** How a label lies on a picture. */
export const LIES: OptionField[] = [
  row('on-picture', t('nod.optionFields.labelsPerProductImage')),
  row('turn', t('nod.optionFields.rotation'), { after: '°' }),
  row('opacity', t('nod.optionFields.opacity'), {
    after: t('nod.optionFields.text'),
  }),
  row('words', t('nod.optionFields.show'), {
    choices: yesNo(t('nod.optionFields.theText'), t('nod.optionFields.theIconOnly')),
  }),
];
