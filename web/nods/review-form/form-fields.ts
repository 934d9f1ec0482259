import { el } from '../../script/lib/el';
import type { OpenForm } from '../../script/page/answer';
import type { FormPlace } from '../../script/page/form';
import { say } from '../draw/words';
import type { Tongue } from '../view';
import { boxOf, starChoice, type FieldBox } from './fields';
import type { Typed } from './kept';
import { pictureChoice } from './pictures';

/** A form that is being put together, with what was typed in it before. */
export interface Making {
  form: OpenForm;
  place: FormPlace;
  tongue: Tongue;
  typed: Typed;
  /** its fields, by name, in their order */
  boxes: Map<string, FieldBox>;
  /** keeps what was typed, should the page be left */
  keep: () => void;
}

const LINES = new Set(['title', 'name', 'email']);
const AUTOCOMPLETE: Record<string, string> = { name: 'name', email: 'email' };
const NAME_FORMS = [
  ['AS_GIVEN', 'nameFull'],
  ['FIRST_NAME_AND_INITIAL', 'nameFirst'],
  ['INITIALS', 'nameInitials'],
  ['A_CUSTOMER', 'nameNone'],
] as const;

const fieldOf = ({ form }: Making, name: string) =>
  form.fields.find((field) => field.name === name);

function add({ boxes }: Making, name: string, box: FieldBox): HTMLElement {
  boxes.set(name, box);
  return box.box;
}

/** The stars that it gives as a whole. */
export function starsField(making: Making): HTMLElement {
  const { boxes, keep, tongue, typed } = making;
  return add(
    making,
    'stars',
    boxOf(
      say(tongue, 'rating'),
      starChoice(typed.stars, tongue, (chosen) => {
        typed.stars = chosen;
        boxes.get('stars')?.fault(undefined);
        keep();
      }),
      { isOptional: false, isGroup: true },
      tongue,
    ),
  );
}

/** A line or a few lines of text; none where the shop does not ask for it. */
export function textField(making: Making, name: string, hint?: string): HTMLElement | undefined {
  const { keep, tongue, typed } = making;
  const field = fieldOf(making, name);
  if (!field) return undefined;
  const control = el(LINES.has(name) ? 'input' : 'textarea', {
    ...(LINES.has(name)
      ? { type: name === 'email' ? 'email' : 'text' }
      : { rows: name === 'words' ? 5 : 3 }),
    dir: 'auto',
    autocomplete: AUTOCOMPLETE[name] ?? 'off',
    input: () => {
      typed.texts[name] = control.value;
      keep();
    },
  }) as HTMLInputElement;
  control.value = typed.texts[name] ?? '';
  return add(
    making,
    name,
    boxOf(
      say(tongue, name),
      control,
      { isOptional: !field.required, ...(hint ? { hint } : {}) },
      tongue,
    ),
  );
}

/** In which form the name is shown. */
export function nameFormField(making: Making): HTMLElement | undefined {
  const { keep, tongue, typed } = making;
  if (!fieldOf(making, 'name')) return undefined;
  const select = el(
    'select',
    {
      change: () => {
        typed.nameForm = select.value;
        keep();
      },
    },
    ...NAME_FORMS.map(([value, words]) => el('option', { value }, say(tongue, words))),
  ) as HTMLSelectElement;
  select.value = typed.nameForm;
  return boxOf(say(tongue, 'shownAs'), select, { isOptional: false }, tongue).box;
}

/** Stars for single things, where the shop has named any. */
export function criteriaField(making: Making): HTMLElement | undefined {
  const { form, keep, tongue, typed } = making;
  if (form.criteria.length === 0) return undefined;
  const rows = form.criteria.map(({ id, name }) =>
    el(
      'div',
      { class: 'criterion', role: 'radiogroup', 'aria-label': name },
      el('span', { dir: 'auto' }, name),
      starChoice(typed.criteria[id] ?? 0, tongue, (stars) => {
        typed.criteria[id] = stars;
        keep();
      }),
    ),
  );
  const isOptional = !fieldOf(making, 'criteria')?.required;
  return add(
    making,
    'criteria',
    boxOf(say(tongue, 'criteria'), el('div', {}, ...rows), { isOptional, isGroup: true }, tongue),
  );
}

/** Pictures, that are sent when they are chosen. */
export function picturesField(making: Making): HTMLElement | undefined {
  const { boxes, form, keep, place, tongue, typed } = making;
  const field = fieldOf(making, 'pictures');
  if (!field) return undefined;
  const control = pictureChoice(
    typed.pictures,
    {
      origin: place.origin,
      token: () => form.token,
      most: form.mostPictures,
      largest: form.largestPicture,
      isLookedAt: place.isLookedAt,
    },
    tongue,
    (next) => {
      typed.pictures = next;
      keep();
    },
    (fault) => boxes.get('pictures')?.fault(fault),
  );
  const hint = say(tongue, 'picturesHint', { n: form.mostPictures, size: form.largestPicture });
  return add(
    making,
    'pictures',
    boxOf(
      say(tongue, 'pictures'),
      control,
      { isOptional: !field.required, hint, isGroup: true },
      tongue,
    ),
  );
}
