import { enlarged } from './pins';
import type { CardState, Lesson } from './teaching';

const LAYER = 'nodyes-lesson';
const PLUM = '#6A2C5A';
const FERN = '#20724F';
const RUST = '#B0432A';
const STRIP = 8;

/** What the back office has the layer say, in the owner's language. */
export interface LessonWords {
  card: string;
  states: Record<CardState, string>;
}

/** Draws what is known onto the page: each card can be pressed. */
export function drawLesson(
  lesson: Lesson,
  words: LessonWords,
  chosen: number | undefined,
  onPick: (n: number) => void,
): void {
  let layer = document.getElementById(LAYER);
  if (!layer) {
    layer = document.createElement('div');
    layer.id = LAYER;
    layer.style.cssText = 'all:initial;position:absolute;inset:0 auto auto 0;z-index:2147483000';
    document.body.append(layer);
  }
  const focused = (document.activeElement as HTMLElement | null)?.dataset['card'];
  layer.replaceChildren(
    ...lesson.places.map(({ element, side }) => strip(element, side)),
    ...lesson.landmarks.map((element, n) => landmark(element, n)),
    ...lesson.taught.cards.flatMap(({ state, text }, n) => {
      const element = lesson.cards[n];
      if (!element) return [];
      const button = card(element, state, n === chosen, words);
      button.dataset['card'] = String(n);
      button.setAttribute('aria-label', `${words.card} ${n + 1}: ${text}. ${words.states[state]}`);
      button.setAttribute('aria-pressed', String(n === chosen));
      button.onclick = () => onPick(n);
      return [button];
    }),
  );
  if (focused) layer.querySelector<HTMLElement>(`[data-card="${focused}"]`)?.focus();
}

/** The page as it is again. */
export function endLesson(): void {
  document.getElementById(LAYER)?.remove();
}

/** Brings a card into sight. */
export function showCard(lesson: Lesson, n: number): void {
  const box = lesson.cards[n]?.getBoundingClientRect();
  if (box && (box.top < 0 || box.bottom > innerHeight))
    window.scrollTo({ top: box.top + scrollY - 40 });
}

function boxed(element: Element, tag: 'button' | 'div'): HTMLElement {
  const box = element.getBoundingClientRect();
  const drawn = document.createElement(tag);
  drawn.style.cssText =
    `all:initial;position:absolute;box-sizing:border-box;left:${box.left + scrollX}px;` +
    `top:${box.top + scrollY}px;width:${box.width}px;height:${box.height}px;`;
  return drawn;
}

function card(element: Element, state: CardState, isChosen: boolean, words: LessonWords) {
  const drawn = boxed(element, 'button');
  const isFound = state === 'found';
  const colour = isChosen ? PLUM : isFound ? FERN : RUST;
  drawn.style.cssText +=
    `cursor:pointer;border-radius:6px;border:3px ${isFound ? 'solid' : 'dashed'} ${colour};` +
    `outline-offset:3px;background:${isFound ? 'transparent' : 'rgb(255 253 248/.6)'};`;
  drawn.onfocus = () => (drawn.style.outline = `2px solid ${PLUM}`);
  drawn.onblur = () => (drawn.style.outline = 'none');
  const sign = document.createElement('span');
  sign.setAttribute('aria-hidden', 'true');
  sign.style.cssText = isFound
    ? `all:initial;position:absolute;left:-3px;top:-3px;width:${18 * enlarged()}px;height:${18 * enlarged()}px;border-radius:50% 50% 50% 0;background:${colour};`
    : 'all:initial;position:absolute;inset:auto 0 0;padding:4px 6px;box-sizing:border-box;background:#F8E3DC;color:#8C2F1B;' +
      `font:600 ${13 * enlarged()}px/1.25 sans-serif;text-align:center;`;
  if (isFound) sign.append(tick());
  else sign.textContent = words.states[state];
  drawn.append(sign);
  return drawn;
}

function tick(): SVGElement {
  const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
  const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
  svg.setAttribute('viewBox', '0 0 24 24');
  path.setAttribute('d', 'M6 12.500l4 4L18 8');
  path.setAttribute('stroke', '#fff');
  path.setAttribute('stroke-width', '3');
  path.setAttribute('fill', 'none');
  svg.append(path);
  return svg;
}

/** What places stand beside, with its number. */
function landmark(element: Element, n: number): HTMLElement {
  const drawn = boxed(element, 'div');
  drawn.style.cssText += `pointer-events:none;border:3px solid ${PLUM};border-radius:4px;`;
  const flag = document.createElement('span');
  flag.style.cssText =
    'all:initial;position:absolute;right:100%;top:-3px;padding:1px 5px;box-sizing:border-box;' +
    `border:2px solid ${PLUM};border-radius:4px 4px 0 4px;background:#FFFDF8;color:${PLUM};` +
    `font:700 ${13 * enlarged()}px/1.3 sans-serif;text-align:center;`;
  flag.textContent = String(n + 1);
  drawn.append(flag);
  return drawn;
}

function strip(element: Element, side: string): HTMLElement {
  const box = element.getBoundingClientRect();
  const drawn = boxed(element, 'div');
  const top =
    side === 'before' ? box.top - STRIP - 2 : box.bottom + 2 - (side === 'inside' ? STRIP + 4 : 0);
  drawn.style.cssText +=
    `pointer-events:none;top:${top + scrollY}px;height:${STRIP}px;border:1px dashed #A5748F;` +
    'background:rgb(243 229 238/.85);border-radius:3px;';
  return drawn;
}
