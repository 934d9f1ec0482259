import { el } from '../../script/lib/create-element';
import { say, sayCount } from '../shared/text';
import type { Tongue } from '../shared/view';

/** A field with its label and a place for what is wrong with it. */
export interface FieldBox {
  box: HTMLElement;
  /** what is wrong, in words; nothing takes it away */
  fault: (text: string | undefined) => void;
  focus: () => void;
}

let made = 0;

/** A label over a field, or a legend over a group of them. */
export function boxOf(
  label: string,
  control: HTMLElement,
  more: { isOptional: boolean; hint?: string; isGroup?: boolean },
  tongue: Tongue,
): FieldBox {
  const id = `nodyes-field-${++made}`;
  const wrong = el('span', { class: 'fault', id: `${id}-fault`, role: 'alert' });
  const hint = more.hint ? el('span', { class: 'soft', id: `${id}-hint` }, more.hint) : undefined;
  const name = [
    label,
    more.isOptional && el('span', { class: 'soft' }, ` ${say(tongue, 'optional')}`),
  ];
  const target = more.isGroup ? control.querySelector<HTMLElement>('input, select') : control;
  if (!more.isGroup) control.id = id;
  const described = (isWrong: boolean) => {
    const by = [isWrong && wrong.id, hint?.id].filter(Boolean).join(' ');
    if (by) target?.setAttribute('aria-describedby', by);
    else target?.removeAttribute('aria-describedby');
  };
  described(false);
  return {
    box: more.isGroup
      ? el('fieldset', { class: 'field' }, el('legend', {}, ...name), hint, control, wrong)
      : el('div', { class: 'field' }, el('label', { for: id }, ...name), hint, control, wrong),
    fault: (text) => {
      wrong.textContent = text ?? '';
      target?.setAttribute('aria-invalid', String(!!text));
      described(!!text);
    },
    focus: () => target?.focus(),
  };
}

/** Five stars to choose from, none of them at first; by arrows too, as radio buttons are. */
export function starChoice(
  chosen: number,
  tongue: Tongue,
  onChoose: (stars: number) => void,
): HTMLElement {
  const name = `nodyes-stars-${++made}`;
  const lit = (stars: number) =>
    marks.forEach((mark, n) => mark.classList.toggle('lit', n < stars));
  const marks = [1, 2, 3, 4, 5].map((star) =>
    el(
      'label',
      { class: 'star' },
      el('input', {
        type: 'radio',
        name,
        value: star,
        checked: star === chosen,
        'aria-label': sayCount(tongue, 'stars', star),
        change: () => {
          lit(star);
          onChoose(star);
        },
      }),
      el('i', { 'aria-hidden': true }),
    ),
  );
  lit(chosen);
  return el('div', { class: 'star-choice' }, ...marks);
}
