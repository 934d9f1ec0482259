import { el } from '../../script/lib/create-element';
import { dressIn } from '../../script/lib/sheet';
import type { FormPlace } from '../../script/page/form';
import { say } from '../shared/text';
import type { Tongue } from '../shared/view';
import { openedForm, sendReview, tongueOf } from './requests';
import type { FieldBox } from './fields';
import css from './form.css?inline';
import { forgetTyped, keepTyped, readTyped } from './saved-draft';
import { mostOf, refusalOf, written } from './written';
import {
  criteriaField,
  nameFormField,
  picturesField,
  starsField,
  textField,
  type Making,
} from './form-fields';

const REFUSALS = { failed: 'failed', 'too-often': 'tooOften', late: 'fault-late' } as const;

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
  const faultText = (field: string, reason: string) =>
    say(tongue, `fault-${reason}`, { n: mostOf(form, field) }) || say(tongue, 'failed');
  const refused = async (error: unknown) => {
    const refusal = refusalOf(error);
    if (refusal.type !== 'faults') {
      if (refusal.type === 'late') form = await openedForm(place);
      status.textContent = say(tongue, REFUSALS[refusal.type]);
      return;
    }
    status.textContent = '';
    const named = refusal.faults.map(({ field, reason }) => ({
      box: boxes.get(field),
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
