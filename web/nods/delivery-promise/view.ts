import { el } from '../../script/lib/el';
import type { DeliveryPromiseNod } from '../../script/page/answer';
import { country, day, flag, say } from '../draw/words';
import type { ViewContext } from '../view';
import { clock, left } from './cut-off';
import { days, today, type Days } from './days';

type Content = DeliveryPromiseNod['content'];
type Promised = NonNullable<Content['promised']>;

const PLACE = /[\uE000\uE001]/;

/** When what is ordered now arrives, as a sentence, as its stages, or both. */
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
    content.shows !== 'path' && sentence(content, promised, context),
    content.shows !== 'words' && path(content, promised, context),
    content.lines.length > 0 && lines(content, context),
    content.assumed &&
      !content.small &&
      el(
        'p',
        { class: 'soft' },
        say(context, 'assumed', { country: country(context, content.country) }),
      ),
    picker(content, context),
  );
}

function sentence(content: Content, promised: Promised, context: ViewContext): HTMLElement {
  const when = el('b', { class: 'when' }, days(context, promised.arrives));
  const { name, cutOff } = wording(content, promised, context);
  const text = say(context, name, {
    left: '\uE000',
    time: '\uE000',
    days: '\uE001',
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
): { name: string; cutOff?: HTMLElement } {
  if (content.small) return { name: 'small' };
  if (content.ordered) return { name: 'ordered' };
  if (promised.backOn) return { name: 'back' };
  if (content.cutOff === 'time-left')
    return { name: 'left', cutOff: left(promised.until, context) };
  if (content.cutOff === 'clock')
    return { name: 'clock', cutOff: clock(promised.until, content, context) };
  return { name: 'plain' };
}

/** Its stages with their days. */
function path(
  { zone }: Content,
  { placed, leaves, arrives }: Promised,
  context: ViewContext,
): HTMLElement {
  const stage = (name: string, of: Days) =>
    el(
      'li',
      { class: name },
      el('span', { class: 'mark', 'aria-hidden': 'true' }),
      el('span', { class: 'name' }, say(context, name)),
      el('b', {}, days(context, of, true)),
    );
  return el(
    'ol',
    { class: 'path' },
    el(
      'li',
      { class: 'placed' },
      el('span', { class: 'mark', 'aria-hidden': 'true' }),
      el('span', { class: 'name' }, say(context, 'placed')),
      placed
        ? el('b', {}, days(context, { first: placed, last: placed }, true))
        : today(zone, context),
    ),
    stage('leaves', leaves),
    stage('arrives', arrives),
  );
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

/** Another country for the shopper to choose. */
function picker(content: Content, context: ViewContext): HTMLElement | false {
  const { choose } = context;
  if (content.countries.length === 0 || !choose) return false;
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
