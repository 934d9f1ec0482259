import { el } from '../../script/lib/create-element';
import type { Wall } from '../../script/lib/response-types';
import { languageName, say } from '../shared/text';
import type { Order, ViewContext, Wanted } from '../shared/view';
import { part } from './ribbon';

/** From so many reviews on a reader can search in them. */
const SEARCHED_FROM = 20;
const TYPED_FOR = 300;
const ORDERS: [Order, string][] = [
  ['NEWEST', 'newest'],
  ['MOST_HELPFUL', 'helpfulFirst'],
  ['HIGHEST', 'highest'],
  ['LOWEST', 'lowest'],
];

/** What a reader chooses with: the bar above the reviews and the parts of the ribbon. */
export interface Choosing {
  bar: HTMLElement;
  stars: HTMLElement[];
  /** shows what is chosen */
  show: (wanted: Wanted) => void;
}

/** One thing that can be pressed, and whether it is. */
interface Press {
  button: HTMLElement;
  isOn: (wanted: Wanted) => boolean;
}

/** Order, filters and search; only what parts these reviews is offered. */
export function choosing(
  content: Wall,
  first: Order,
  context: ViewContext,
  choose: (change: Partial<Wanted>) => void,
): Choosing {
  const { count, verified, facets } = content;
  const pressed = new Map<HTMLElement, boolean>();
  const press = (
    children: (Node | string)[],
    className: string,
    isOn: Press['isOn'],
    change: (on: boolean) => Partial<Wanted>,
  ): Press => {
    const button = el(
      'button',
      {
        type: 'button',
        class: className,
        'aria-pressed': 'false',
        click: () => choose(change(!pressed.get(button))),
      },
      ...children,
    );
    return { button, isOn };
  };
  const chip = (
    words: string,
    n: number,
    isOn: Press['isOn'],
    change: (on: boolean) => Partial<Wanted>,
    values: Record<string, string> = {},
  ) =>
    n > 0 && n < count
      ? [press([say(context, words, { n, ...values })], 'chip', isOn, change)]
      : [];
  const { language } = context;
  const chips = [
    ...chip(
      'pictured',
      facets.pictured,
      (wanted) => wanted.pictured,
      (pictured) => ({ pictured }),
    ),
    ...chip(
      'bought',
      verified,
      (wanted) => wanted.bought,
      (bought) => ({ bought }),
    ),
    ...facets.variants.flatMap(({ title, count: n }) =>
      chip(
        'ofVariant',
        n,
        (wanted) => wanted.variant === title,
        (on) => ({ variant: on ? title : undefined }),
        { variant: title },
      ),
    ),
    ...chip(
      'readable',
      facets.readable,
      (wanted) => !!wanted.language,
      (on) => ({ language: on ? language : undefined }),
      { language: languageName(context) },
    ),
  ];
  const stars = [5, 4, 3, 2, 1].map((star) =>
    press(
      part(star, content, context),
      'part',
      (wanted) => wanted.stars.includes(star),
      (on) => ({ stars: on ? [star] : [] }),
    ),
  );
  const order = orderOf(content, context, choose);
  order.value = first;
  const search = count >= SEARCHED_FROM ? searchFor(context, choose) : undefined;
  const all = [...chips, ...stars];
  return {
    bar: el(
      'div',
      { class: 'choosing' },
      count > 1 && order,
      ...chips.map(({ button }) => button),
      search,
    ),
    stars: stars.map(({ button }) => button),
    show: (wanted) => {
      for (const { button, isOn } of all) {
        pressed.set(button, isOn(wanted));
        button.setAttribute('aria-pressed', String(isOn(wanted)));
      }
      order.value = wanted.order;
      if (search && search.value.trim() !== wanted.words) search.value = wanted.words;
    },
  };
}

function orderOf(
  content: Wall,
  context: ViewContext,
  choose: (change: Partial<Wanted>) => void,
): HTMLSelectElement {
  const orders: [Order, string][] = content.facets.pictured
    ? [...ORDERS, ['PICTURES_FIRST', 'picturesFirst']]
    : ORDERS;
  const select = el(
    'select',
    {
      'aria-label': say(context, 'order'),
      change: () => choose({ order: select.value as Order }),
    },
    ...orders.map(([value, words]) => el('option', { value }, say(context, words))),
  ) as HTMLSelectElement;
  return select;
}

function searchFor(
  context: ViewContext,
  choose: (change: Partial<Wanted>) => void,
): HTMLInputElement {
  let waiting: ReturnType<typeof setTimeout> | undefined;
  const field = el('input', {
    type: 'search',
    maxlength: 120,
    placeholder: say(context, 'search'),
    'aria-label': say(context, 'search'),
    input: () => {
      clearTimeout(waiting);
      waiting = setTimeout(() => choose({ words: field.value.trim() }), TYPED_FOR);
    },
  }) as HTMLInputElement;
  return field;
}
