import { el } from '../../script/lib/create-element';
import { dressIn } from '../../script/lib/sheet';
import type { OpenForm } from '../../script/lib/response-types';
import type { FormPlace } from '../../script/page/form';
import { say } from '../shared/text';
import type { Tongue } from '../shared/view';
import { openedForm, Refused, sendReview, tongueOf, type Written } from './requests';
import type { FieldBox } from './fields';
import css from './form.css?inline';
import { forgetTyped, keepTyped, readTyped, type Typed } from './saved-draft';
import {
  criteriaField,
  nameFormField,
  picturesField,
  starsField,
  textField,
  type Making,
} from './form-fields';

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
  const faultText = (field: string, reason: string) => {
    const n =
      field === 'pictures'
        ? form.mostPictures
        : (form.fields.find(({ name }) => name === field)?.longest ?? 0);
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

  const making: Making = { form, place, tongue, typed, boxes, keep };
  const text = (name: string, hint?: string) => textField(making, name, hint);
  const element = el(
    'form',
    { class: 'review-form', novalidate: true, submit: (event) => void submit(event) },
    el('h3', { tabindex: -1 }, say(tongue, 'heading', { product: form.title })),
    starsField(making),
    text('title'),
    text('words'),
    el('div', { class: 'pair' }, text('pros'), text('cons')),
    criteriaField(making),
    picturesField(making),
    el('div', { class: 'pair' }, text('name'), nameFormField(making)),
    text('email', say(tongue, 'emailHint')),
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
