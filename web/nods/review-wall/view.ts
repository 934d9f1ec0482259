import { el } from '../../script/lib/create-element';
import type { Review, ReviewWallNod, Wall } from '../../script/lib/response-types';
import { say, sayCount } from '../shared/text';
import type { ViewContext, Wanted } from '../shared/view';
import { asksAfter, askingFor, everything, isAll, type AskAct } from './asking';
import { entry } from './review-item';
import { pageLinks } from './pages';
import { reader } from './reader';
import { choosing } from './filters';
import { summary } from './summary';

/** Summary, histogram, and the reviews a page at a time, of those that a reader asks for. */
export function reviewWall(nod: ReviewWallNod, context: ViewContext): Node {
  return wallOf(nod, context);
}

/** The same for what a tab opens. */
export function wallOf(
  nod: Pick<ReviewWallNod, 'content' | 'product'>,
  on: ViewContext,
): HTMLElement {
  const { content } = nod;
  const context = reader(nod.product, on);
  const { shape } = content;
  const entries = el('ol', { class: 'entries', 'data-layout': shape.layout });
  entries.style.setProperty('--columns', String(shape.columns));
  entries.style.setProperty('--columns-narrow', String(shape.columnsNarrow));
  const links = el('div');
  const status = el('p', { role: 'status', class: 'soft status' });
  const all = everything(content);
  let now = askingFor(all);
  const tell = (act: AskAct) => {
    const before = now;
    now = asksAfter(before, act);
    return now !== before;
  };

  const draw = (reviews: Review[], page: number, pages: number) => {
    const drawn = reviews.map((review) => entry(review, content, context));
    if (shape.turning === 'more') {
      if (page === 1) entries.replaceChildren(...drawn);
      else entries.append(...drawn);
      links.replaceChildren(...(page < pages ? [more(page + 1)] : []));
      return;
    }
    entries.replaceChildren(...drawn);
    links.replaceChildren(
      ...(pages > 1 ? [pageLinks(page, pages, context, (next) => turn(next))] : []),
    );
  };
  const more = (page: number) =>
    el(
      'p',
      { class: 'more-line' },
      el(
        'button',
        {
          type: 'button',
          class: 'more',
          click: () => {
            const before = entries.children.length;
            void ask({ ...now.wanted, page }).then(() =>
              focusOn(entries.children[before] as HTMLElement | undefined),
            );
          },
        },
        say(context, 'more'),
      ),
    );
  const ask = async (next: Wanted): Promise<boolean> => {
    tell({ type: 'asked', wanted: next });
    const of = now.asked;
    parts.show(next);
    wall.setAttribute('aria-busy', 'true');
    try {
      const found = await context.more(next, content.perPage);
      if (!tell({ type: 'answered', of })) return false; // a later wish is on its way
      draw(found.reviews, found.page, found.pages);
      status.replaceChildren(...(isAll(next, all) ? [] : saidOf(found.total)));
    } catch {
      if (!tell({ type: 'failed', of })) return false;
      status.textContent = say(context, 'failed');
      parts.show(now.shown);
    }
    wall.removeAttribute('aria-busy');
    return true;
  };
  const choose = (change: Partial<Wanted>) => void ask({ ...now.wanted, ...change, page: 1 });
  const turn = (page: number) =>
    void ask({ ...now.wanted, page }).then((isDrawn) => {
      if (!isDrawn) return;
      wall.scrollIntoView();
      links.querySelector<HTMLElement>('[aria-current]')?.focus({ preventScroll: true });
    });
  const saidOf = (total: number) => [
    el('span', {}, total === 0 ? say(context, 'none') : sayCount(context, 'found', total)),
    el(
      'button',
      { type: 'button', class: 'plain', click: () => choose({ ...all, order: now.wanted.order }) },
      say(context, 'all'),
    ),
  ];

  const parts = choosing(content, all.order, context, choose);
  const list = el('div', {}, parts.bar, status, entries, links);
  const form = shape.form === 'none' ? undefined : formPlace(content, context);
  const wall = el(
    'section',
    {
      class: 'wall',
      'aria-labelledby': 'wall-heading',
      'data-summary': shape.compact ? 'compact' : 'full',
    },
    el('h2', { id: 'wall-heading' }, say(context, 'heading')),
    shape.form === 'before' && form,
    content.count > 0
      ? el(
          'div',
          { class: 'wall-parts' },
          summary(content, context, parts.stars),
          shape.folded ? folded(list, content.count, context) : list,
        )
      : el('p', { class: 'soft' }, say(context, 'first')),
    shape.form === 'after' && form,
  );
  queueMicrotask(() => dressed(wall, shape.layout));
  if (content.count > 0) draw(content.first, 1, Math.ceil(content.count / content.perPage));
  return wall;
}

/** Most walls are a list in the first look; the rules of the others come when they are needed. */
function dressed(wall: HTMLElement, layout: string): void {
  const root = wall.getRootNode() as ShadowRoot;
  if (layout === 'list' && !(root.host as HTMLElement | undefined)?.dataset['look']) return;
  wall.style.visibility = 'hidden';
  void import('./layouts')
    .then(({ dress }) => dress(root))
    .finally(() => (wall.style.visibility = ''));
}

function focusOn(element: HTMLElement | undefined): void {
  element?.setAttribute('tabindex', '-1');
  element?.focus({ preventScroll: true });
}

/** The reviews, opened when someone asks for them. */
function folded(list: HTMLElement, count: number, context: ViewContext): HTMLElement {
  list.hidden = true;
  const button = el(
    'button',
    {
      type: 'button',
      class: 'unfold',
      'aria-expanded': 'false',
      click: () => {
        list.hidden = !list.hidden;
        button.setAttribute('aria-expanded', String(!list.hidden));
        button.textContent = list.hidden
          ? sayCount(context, 'unfold', count)
          : say(context, 'fold');
      },
    },
    sayCount(context, 'unfold', count),
  );
  return el('div', {}, button, list);
}

/** The form, open at first or behind a button. */
function formPlace(content: Wall, context: ViewContext): HTMLElement {
  const place = el('div', { class: 'form-place' });
  const status = el('span', { role: 'status', class: 'soft' });
  const button = el(
    'button',
    { type: 'button', class: 'write', click: () => void open() },
    say(context, 'write'),
  );
  const host = el('div');
  const open = async () => {
    status.textContent = '';
    try {
      await context.form(host);
      button.hidden = true;
    } catch {
      status.textContent = say(context, 'failed');
    }
  };
  host.addEventListener('nodyes-closed', () => {
    button.hidden = false;
    button.focus();
  });
  place.append(button, status, host);
  if (content.shape.formOpen) void open();
  return place;
}
