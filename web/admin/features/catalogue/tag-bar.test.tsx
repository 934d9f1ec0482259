import { screen, waitFor } from '@testing-library/react';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { choose, draw, office, press, type } from '../../../tests/office';

let TagBar: typeof import('./tag-bar').TagBar;
beforeAll(async () => {
  ({ TagBar } = await import('./tag-bar'));
});

describe('the bar of chosen products', () => {
  const TAGS = 'POST /api/v1/products/tags';

  it('says what a tag would change, gives it, and can take it back from the same ones', async () => {
    const { changes } = office({
      'GET /api/v1/products/tags': { items: [{ tag: 'gift' }] },
      'POST /api/v1/products/tags/preview': { changed: 2, effects: [] },
      [TAGS]: { changed: [3, 7] },
    });
    const done = vi.fn<(words: string, undo: () => void) => void>();
    draw(<TagBar chosen={new Set([3, 5, 7])} onClear={vi.fn()} onDone={done} />);
    type('Tag', ' gift ');
    expect(await screen.findByText(/2 products change/)).toBeTruthy();
    press(/^Tag 3 products/);
    await waitFor(() => expect(done).toHaveBeenCalledTimes(1));
    done.mock.calls[0]?.[1]();
    await waitFor(() =>
      expect(
        changes()
          .filter(({ path }) => path === '/api/v1/products/tags')
          .map(({ body }) => body),
      ).toEqual([
        { products: [3, 5, 7], tag: 'gift', has: true },
        { products: [3, 7], tag: 'gift', has: false },
      ]),
    );
  });

  it('takes a tag away where that is chosen', async () => {
    const { changes } = office({
      'GET /api/v1/products/tags': { items: [] },
      'POST /api/v1/products/tags/preview': { changed: 0, effects: [] },
      [TAGS]: { changed: [] },
    });
    draw(<TagBar chosen={new Set([3])} onClear={vi.fn()} onDone={vi.fn()} />);
    type('Tag', 'gift');
    await choose(/^Action/, 'remove the tag');
    expect(await screen.findByText('Nothing to change.')).toBeTruthy();
    press(/^Remove tag from/);
    await waitFor(() =>
      expect(changes().some(({ path }) => path === '/api/v1/products/tags')).toBe(true),
    );
  });
});
