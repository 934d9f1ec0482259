import { el } from '../../script/lib/create-element';
import type { OpenForm } from '../../script/lib/response-types';
import type { FormPlace } from '../../script/page/form';
import { say } from '../shared/text';
import type { Tongue } from '../shared/view';
import { boxOf, starChoice, type FieldBox } from './fields';
import type { Typed } from './saved-draft';
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
/** What is shown of the first and of the last name, and what the server calls it. */
const NAME_FORMS: Record<string, Record<string, string>> = {
  inFull: { inFull: 'AS_GIVEN', asInitial: 'FIRST_NAME_AND_INITIAL', notShown: 'FIRST_NAME' },
  asInitial: {
    inFull: 'INITIAL_AND_LAST_NAME',
    asInitial: 'INITIALS',
    notShown: 'FIRST_INITIAL',
  },
  notShown: { notShown: 'A_CUSTOMER' },
};

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

/** In which form the name is shown: a sentence with two gaps. */
export function nameFormField(making: Making): HTMLElement | undefined {
  const { keep, tongue, typed } = making;
  if (!fieldOf(making, 'name')) return undefined;
  const gap = (name: string, parts: string[]) =>
    el(
      'select',
      { 'aria-label': say(tongue, name), change: () => choose() },
      ...parts.map((value) => el('option', { value }, say(tongue, value))),
    ) as HTMLSelectElement;
  const parts = ['inFull', 'asInitial', 'notShown'];
  const first = gap('firstName', parts);
  const last = gap('lastName', parts);
  const show = () => {
    last.disabled = first.value === 'notShown';
    if (last.disabled) last.value = 'notShown';
  };
  const choose = () => {
    show();
    typed.nameForm = NAME_FORMS[first.value]?.[last.value] ?? 'A_CUSTOMER';
    keep();
  };
  for (const one of parts)
    for (const other of parts)
      if (NAME_FORMS[one]?.[other] === typed.nameForm) [first.value, last.value] = [one, other];
  show();
  const sentence = say(tongue, 'nameSentence', { first: '\uE000', last: '\uE001' });
  const gaps: Record<string, Node> = { '\uE000': first, '\uE001': last };
  return boxOf(
    say(tongue, 'shownAs'),
    el(
      'p',
      { class: 'gaps' },
      ...sentence
        .split(/(?=[\uE000\uE001])|(?<=[\uE000\uE001])/)
        .map((piece) => gaps[piece] ?? piece),
    ),
    { isOptional: false, isGroup: true },
    tongue,
  ).box;
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
