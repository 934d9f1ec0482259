import { beforeAll, describe, expect, it } from 'vitest';
import type { NodFace, Settings } from '../layout/nod-queries';
import { ownOptions } from './own-options';

let moved: typeof import('./promise').moved;
let PAYMENTS: typeof import('./promise').PAYMENTS;
beforeAll(async () => {
  ({ moved, PAYMENTS } = await import('./promise'));
});

describe('a list whose lines are moved', () => {
  it.each([
    [0, 2, ['b', 'c', 'a']],
    [2, 0, ['c', 'a', 'b']],
    [1, 1, ['a', 'b', 'c']],
    // past an end it stays as it is
    [0, -1, ['a', 'b', 'c']],
    [2, 3, ['a', 'b', 'c']],
    [7, 0, ['a', 'b', 'c']],
  ])('from %i to %i', (from, to, then) => {
    const list = ['a', 'b', 'c'];
    expect(moved(list, from, to)).toEqual(then);
    expect(list).toEqual(['a', 'b', 'c']);
  });

  it('offers ways to pay by their kind, of no country alone', () => {
    expect(PAYMENTS.map(({ drawing }) => drawing)).toContain('invoice');
    expect(PAYMENTS.every(({ countries, link }) => countries.length === 0 && link === '')).toBe(
      true,
    );
  });
});

describe('the options of a nod', () => {
  const face = {
    options: [
      { name: 'layout', usual: 'list' },
      { name: 'columns', usual: '2' },
    ],
  } as unknown as NodFace;
  const set = (options: object) => ({ own: { kept: 1, options } }) as unknown as Settings;

  it('are as usual where nothing is set', () => {
    expect(ownOptions(face, set({ columns: '3' })).values).toEqual({
      layout: 'list',
      columns: '3',
    });
    expect(ownOptions(face, { own: {} } as unknown as Settings).values).toEqual({
      layout: 'list',
      columns: '2',
    });
  });

  it('keep only what is not as usual, and the rest of what the nod has', () => {
    const options = ownOptions(face, set({ columns: '3' }));
    expect(options.put('layout', 'grid').own).toEqual({
      kept: 1,
      options: { columns: '3', layout: 'grid' },
    });
    expect(options.put('columns', '2').own).toEqual({ kept: 1, options: {} });
  });
});
