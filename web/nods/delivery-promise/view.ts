import { el } from '../../script/lib/create-element';
import type { DeliveryPromiseNod } from '../../script/lib/response-types';
import { country, day, flag, say } from '../shared/text';
import type { ViewContext } from '../shared/view';
import { clock, left } from './cut-off';
import { days } from './days';
import { way } from './way';

type Content = DeliveryPromiseNod['content'];
type Promised = NonNullable<Content['promised']>;

const PLACE = /[\uE000\uE001]/;

/** When what is ordered now arrives, as a sentence, as a row of days, or both. */
export function deliveryPromise(nod: DeliveryPromiseNod, context: ViewContext): Node {
  const { content } = nod;
  const { promised } = content;
  if (!promised)
    return el(
      'p',
      { class: 'delivery sold-out' },
      say(context, 'soldOut'),
      picker(content, context),
    );
  return el(
    'div',
    { class: content.small ? 'delivery small' : 'delivery' },
    (content.shows !== 'path' || promised.way.length === 0) && sentence(content, promised, context),
    promised.way.length > 0 && way(promised, content.zone, context),
    content.lines.length > 0 && lines(content, context),
    content.assumed &&
      !content.small &&
      el(
        'p',
        { class: 'soft' },
        say(context, canChoose(content, context) ? 'assumedChoose' : 'assumed', {
          country: country(context, content.country),
        }),
      ),
    picker(content, context),
  );
}

function sentence(content: Content, promised: Promised, context: ViewContext): HTMLElement {
  const when = el('b', { class: 'when' }, days(context, promised.arrives));
  const { name, cutOff, weekday } = wording(content, promised, context);
  const text = say(context, name, {
    left: '\uE000',
    time: '\uE000',
    days: '\uE001',
    weekday: weekday ?? '',
    day: promised.backOn ? day(context, promised.backOn) : '',
    country: country(context, content.country),
  });
  const pieces = text.split(/(?=[\uE000\uE001])|(?<=[\uE000\uE001])/);
  return el(
    'p',
    { class: 'said' },
    content.flag && el('span', { class: 'flag', 'aria-hidden': 'true' }, flag(content.country)),
    el(
      'span',
      {},
      ...pieces.map((piece) =>
        !PLACE.test(piece) ? piece : piece === '\uE000' ? (cutOff ?? '') : when,
      ),
    ),
  );
}

/** Which sentence is said, and what stands for its cut-off. */
function wording(
  content: Content,
  promised: Promised,
  context: ViewContext,
): { name: string; cutOff?: HTMLElement; weekday?: string | undefined } {
  if (content.small) return { name: 'small' };
  if (content.ordered) return { name: 'ordered' };
  if (promised.backOn) return { name: 'back' };
  if (content.cutOff === 'time-left')
    return { name: 'left', cutOff: left(promised.until, context) };
  if (content.cutOff === 'clock') {
    const { time, weekday } = clock(promised.until, content, context);
    return { name: weekday ? 'clockOn' : 'clock', cutOff: time, weekday };
  }
  return { name: 'plain' };
}

/** A basket or an order line by line. */
function lines({ lines }: Content, context: ViewContext): HTMLElement {
  return el(
    'table',
    { class: 'lines' },
    el('caption', { class: 'unseen' }, say(context, 'lines')),
    el(
      'tbody',
      {},
      ...lines.map(({ title, arrives }) =>
        el(
          'tr',
          {},
          el('th', { scope: 'row' }, title),
          el('td', {}, arrives ? days(context, arrives) : say(context, 'none')),
        ),
      ),
    ),
  );
}

const canChoose = (content: Content, context: ViewContext) =>
  content.countries.length > 0 && !!context.choose;

/** Another country for the shopper to choose. */
function picker(content: Content, context: ViewContext): HTMLElement | false {
  const { choose } = context;
  if (!choose || !canChoose(content, context)) return false;
  const offered = [...new Set([content.country, ...content.countries])]
    .map((code) => ({ code, name: country(context, code) }))
    .sort((a, b) => a.name.localeCompare(b.name, context.language));
  const select: HTMLSelectElement = el(
    'select',
    { change: () => choose(select.value) },
    ...offered.map(({ code, name }) => el('option', { value: code }, name)),
  ) as HTMLSelectElement;
  select.value = content.country;
  return el('label', { class: 'choose' }, el('span', {}, say(context, 'choose')), select);
}
