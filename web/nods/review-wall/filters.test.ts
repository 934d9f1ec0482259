import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Wall } from '../../script/lib/response-types';
import type { ViewContext, Wanted } from '../shared/view';
import { choosing } from './filters';

const plain = (name: string) => ({ one: `${name} {n}`, other: `${name} {n}` });
const CONTEXT = {
  language: 'en',
  own: {},
  words: {
    pictured: 'With photos ({n})',
    bought: 'Bought here ({n})',
    ofVariant: '{variant} ({n})',
    readable: 'In {language} ({n})',
    stars: plain('stars'),
    share: plain('share'),
    order: 'Order',
    newest: 'Newest',
    search: 'Search reviews',
  },
} as unknown as ViewContext;
const ALL: Wanted = {
  page: 1,
  order: 'NEWEST',
  stars: [],
  pictured: false,
  bought: false,
  language: undefined,
  variant: undefined,
  words: '',
  ago: false,
};

const wall = (count: number, more: Partial<Wall> = {}) =>
  ({
    count,
    verified: 3,
    counts: [1, 2, 3, 4, count - 10],
    facets: {
      pictured: 0,
      readable: count,
      variants: [{ title: '18 cm', count: 4 }],
    },
    ...more,
  }) as unknown as Wall;

const chips = (bar: HTMLElement) =>
  [...bar.querySelectorAll('.chip')].map((one) => one.textContent);

describe('choosing reviews', () => {
  beforeEach(() => vi.useFakeTimers());

  it('offers what parts these reviews, and nothing that all or none of them have', () => {
    const { bar } = choosing(wall(12), 'NEWEST', CONTEXT, vi.fn());
    expect(chips(bar)).toEqual(['Bought here (3)', '18 cm (4)']);
  });

  it('offers a search from 20 reviews on', () => {
    const fields = (n: number) =>
      choosing(wall(n), 'NEWEST', CONTEXT, vi.fn()).bar.querySelectorAll('input').length;
    expect([fields(19), fields(20)]).toEqual([0, 1]);
  });

  it('turns a chip on and off, and shows which are on', () => {
    const choose = vi.fn();
    const { bar, show } = choosing(wall(12), 'NEWEST', CONTEXT, choose);
    const chip = bar.querySelectorAll<HTMLButtonElement>('.chip')[1]!;
    chip.click();
    expect(choose).toHaveBeenLastCalledWith({ variant: '18 cm' });
    show({ ...ALL, variant: '18 cm' });
    expect(chip.getAttribute('aria-pressed')).toBe('true');
    chip.click();
    expect(choose).toHaveBeenLastCalledWith({ variant: undefined });
  });

  it('searches when typing rests, for what stands there then', () => {
    const choose = vi.fn();
    const { bar } = choosing(wall(40), 'NEWEST', CONTEXT, choose);
    const field = bar.querySelector('input')!;
    for (const typed of ['f', 'fr', ' frost ']) {
      field.value = typed;
      field.dispatchEvent(new Event('input'));
      vi.advanceTimersByTime(200);
    }
    expect(choose).not.toHaveBeenCalled();
    vi.advanceTimersByTime(100);
    expect(choose.mock.calls).toEqual([[{ words: 'frost' }]]);
  });

  it('leaves the space that is just typed where it is', () => {
    const { bar, show } = choosing(wall(40), 'NEWEST', CONTEXT, vi.fn());
    const field = bar.querySelector('input')!;
    field.value = 'frost ';
    show({ ...ALL, words: 'frost' });
    expect(field.value).toBe('frost ');
    show({ ...ALL, words: '' });
    expect(field.value).toBe('');
  });
});
