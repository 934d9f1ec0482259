import { el } from '../../script/lib/el';
import { dressIn } from '../../script/lib/sheet';
import type { OpenForm } from '../../script/page/answer';
import type { FormPlace } from '../../script/page/form';
import { say } from '../draw/words';
import type { Tongue } from '../view';
import { openedForm, Refused, sendReview, tongueOf, type Written } from './ask';
import { boxOf, starChoice, type FieldBox } from './fields';
import css from './form.css?inline';
import { forgetTyped, keepTyped, readTyped, type Typed } from './kept';
import { pictureChoice } from './pictures';

const LINES = new Set(['title', 'name', 'email']);
const AUTOCOMPLETE: Record<string, string> = { name: 'name', email: 'email' };
const NAME_FORMS = [
  ['AS_GIVEN', 'nameFull'],
  ['FIRST_NAME_AND_INITIAL', 'nameFirst'],
  ['INITIALS', 'nameInitials'],
  ['A_CUSTOMER', 'nameNone'],
] as const;

/** Puts the form into an element, with what was typed in it before. */
export async function reviewForm(host: HTMLElement, place: FormPlace): Promise<void> {
  let form = await openedForm(place);
  const tongue = tongueOf(form, place);
  const typed = readTyped(place.product);
  const keep = () => keepTyped(place.product, typed);
  dressIn(host.getRootNode() as ShadowRoot, css);

  const boxes = new Map<string, FieldBox>();
  const trap = el('input', { name: 'website', tabindex: -1, autocomplete: 'off' });
  const status = el('p', { role: 'status', class: 'soft' });
  const send = el(
    'button',
    { type: 'submit', class: 'send', disabled: place.isLookedAt },
    say(tongue, 'send'),
  ) as HTMLButtonElement;
  const fieldOf = (name: string) => form.fields.find((field) => field.name === name);
  const add = (name: string, box: FieldBox) => {
    boxes.set(name, box);
    return box.box;
  };

  const faultText = (field: string, reason: string) => {
    const n = field === 'pictures' ? form.mostPictures : (fieldOf(field)?.longest ?? 0);
    return say(tongue, `fault-${reason}`, { n }) || say(tongue, 'failed');
  };
  const refused = async (error: unknown) => {
    if (!(error instanceof Refused) || (error.faults.length === 0 && error.status !== 429)) {
      status.textContent = say(tongue, 'failed');
      return;
    }
    if (error.status === 429) {
      status.textContent = say(tongue, 'tooOften');
      return;
    }
    const late = error.faults.find(({ field }) => field === 'token');
    if (late) {
      // a new token: sending it again works
      form = await openedForm(place);
      status.textContent = say(tongue, 'fault-late');
      return;
    }
    status.textContent = '';
    const named = error.faults.map(({ field, reason }) => ({
      box: boxes.get(field === 'reviewer' ? 'name' : field),
      text: faultText(field, reason),
    }));
    named.forEach(({ box, text }) => box?.fault(text));
    const first = [...boxes.values()].find((box) => named.some((one) => one.box === box));
    if (first) first.focus();
    else status.textContent = named[0]?.text ?? say(tongue, 'failed');
  };
  const submit = async (event: Event) => {
    event.preventDefault();
    if (send.disabled) return;
    send.disabled = true;
    status.textContent = say(tongue, 'sending');
    boxes.forEach((box) => box.fault(undefined));
    try {
      const taken = await sendReview(
        place.origin,
        written(form, typed, (trap as HTMLInputElement).value, place),
      );
      forgetTyped(place.product);
      thank(host, taken, tongue);
    } catch (error) {
      await refused(error).catch(() => (status.textContent = say(tongue, 'failed')));
    }
    send.disabled = false;
  };

  const text = (name: string, label: string, hint?: string) => {
    const field = fieldOf(name);
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
      name,
      boxOf(label, control, { isOptional: !field.required, ...(hint ? { hint } : {}) }, tongue),
    );
  };
  const nameForm = () => {
    if (!fieldOf('name')) return undefined;
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
  };
  const criteria = () => {
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
    const isOptional = !fieldOf('criteria')?.required;
    return add(
      'criteria',
      boxOf(say(tongue, 'criteria'), el('div', {}, ...rows), { isOptional, isGroup: true }, tongue),
    );
  };
  const pictures = () => {
    const field = fieldOf('pictures');
    if (!field) return undefined;
    const control = pictureChoice(
      typed.pictures,
      {
        origin: place.origin,
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
      'pictures',
      boxOf(
        say(tongue, 'pictures'),
        control,
        { isOptional: !field.required, hint, isGroup: true },
        tongue,
      ),
    );
  };

  const stars = boxOf(
    say(tongue, 'rating'),
    starChoice(typed.stars, tongue, (chosen) => {
      typed.stars = chosen;
      boxes.get('stars')?.fault(undefined);
      keep();
    }),
    { isOptional: false, isGroup: true },
    tongue,
  );
  const element = el(
    'form',
    { class: 'review-form', novalidate: true, submit: (event) => void submit(event) },
    el('h3', { tabindex: -1 }, say(tongue, 'heading', { product: form.title })),
    add('stars', stars),
    text('title', say(tongue, 'title')),
    text('words', say(tongue, 'words')),
    el(
      'div',
      { class: 'pair' },
      text('pros', say(tongue, 'pros')),
      text('cons', say(tongue, 'cons')),
    ),
    criteria(),
    pictures(),
    el('div', { class: 'pair' }, text('name', say(tongue, 'name')), nameForm()),
    text('email', say(tongue, 'email'), say(tongue, 'emailHint')),
    // people do not see it, and screen readers pass over it
    el('div', { class: 'trap', 'aria-hidden': true }, trap),
    el('p', { class: 'soft' }, say(tongue, 'kept')),
    el(
      'p',
      { class: 'acts' },
      send,
      el(
        'button',
        { type: 'button', class: 'plain', click: () => close(host) },
        say(tongue, 'close'),
      ),
    ),
    status,
  );
  host.replaceChildren(element);
  element.querySelector('h3')?.focus({ preventScroll: true });
}

function written(form: OpenForm, typed: Typed, website: string, place: FormPlace): Written {
  const { title, words, pros, cons, name, email } = typed.texts;
  const ids = new Set(form.criteria.map(({ id }) => String(id)));
  // what was typed before a field went is not sent
  const shown = new Set(form.fields.map((field) => field.name));
  const given = Object.entries({ title, words, pros, cons, name, email }).flatMap(
    ([field, value]) =>
      value && shown.has(field) ? [[field === 'name' ? 'reviewer' : field, value] as const] : [],
  );
  return {
    token: form.token,
    product: place.product,
    stars: typed.stars,
    ...Object.fromEntries(given),
    nameForm: typed.nameForm as NonNullable<Written['nameForm']>,
    criteria: Object.entries(typed.criteria)
      .filter(([id]) => ids.has(id))
      .map(([id, stars]) => ({ id: Number(id), stars })),
    pictures: shown.has('pictures') ? typed.pictures.map(({ file }) => file) : [],
    lang: form.language,
    ...(website ? { website } : {}),
  };
}

function close(host: HTMLElement): void {
  host.replaceChildren();
  host.dispatchEvent(new Event('nodyes-closed'));
}

/** What happens next, and how to take it back. */
function thank(
  host: HTMLElement,
  taken: { isPublished: boolean; takeBack: string },
  tongue: Tongue,
): void {
  const address = `${location.origin}${location.pathname}#${taken.takeBack}`;
  const thanks = el(
    'div',
    { class: 'review-form thanks', tabindex: -1, role: 'status' },
    el('h3', {}, say(tongue, 'thanks')),
    el('p', {}, say(tongue, taken.isPublished ? 'published' : 'waiting')),
    el(
      'p',
      { class: 'soft' },
      say(tongue, 'takeBackHint'),
      el('br'),
      el('a', { href: address }, address),
    ),
  );
  host.replaceChildren(thanks);
  thanks.focus({ preventScroll: true });
  thanks.scrollIntoView({ block: 'nearest' });
}
