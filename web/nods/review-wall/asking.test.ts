import { describe, expect, it } from 'vitest';
import { asksAfter, askingFor, everything, isAll, type AskAct } from './asking';

const ALL = everything({ shape: { order: 'most-helpful' }, ago: true } as Parameters<
  typeof everything
>[0]);
const FIVE = { ...ALL, stars: [5] };
const WITH_PHOTOS = { ...ALL, pictured: true };

const after = (...acts: AskAct[]) => acts.reduce(asksAfter, askingFor(ALL));

describe('what a reader of a wall asks for', () => {
  it('begins with all of them in the order of the wall', () => {
    expect(ALL.order).toBe('MOST_HELPFUL');
    expect(ALL).toMatchObject({ page: 1, stars: [], words: '', ago: true });
    expect(askingFor(ALL)).toEqual({ wanted: ALL, shown: ALL, asked: 0 });
  });

  it('is on the page once it is answered', () => {
    expect(after({ type: 'asked', wanted: FIVE })).toMatchObject({ wanted: FIVE, shown: ALL });
    expect(after({ type: 'asked', wanted: FIVE }, { type: 'answered', of: 1 })).toMatchObject({
      wanted: FIVE,
      shown: FIVE,
    });
  });

  it('is what the last question was, whichever answer comes first', () => {
    const two = after({ type: 'asked', wanted: FIVE }, { type: 'asked', wanted: WITH_PHOTOS });
    const late = asksAfter(two, { type: 'answered', of: 1 });
    expect(late).toBe(two);
    expect(asksAfter(two, { type: 'failed', of: 1 })).toBe(two);
    expect(asksAfter(late, { type: 'answered', of: 2 }).shown).toEqual(WITH_PHOTOS);
  });

  it('goes back to what is on the page where it fails', () => {
    const failed = after(
      { type: 'asked', wanted: FIVE },
      { type: 'answered', of: 1 },
      { type: 'asked', wanted: WITH_PHOTOS },
      { type: 'failed', of: 2 },
    );
    expect(failed).toMatchObject({ wanted: FIVE, shown: FIVE });
  });

  it('is all of them in any order and on any page, and no longer with a filter', () => {
    expect(isAll({ ...ALL, page: 3, order: 'LOWEST' }, ALL)).toBe(true);
    for (const some of [
      FIVE,
      WITH_PHOTOS,
      { ...ALL, words: 'saucer' },
      { ...ALL, language: 'pt' },
      { ...ALL, variant: '18 cm' },
      { ...ALL, bought: true },
    ])
      expect(isAll(some, ALL), JSON.stringify(some)).toBe(false);
  });
});
