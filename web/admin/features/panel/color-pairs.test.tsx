import { screen, waitFor } from '@testing-library/react';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { draw, field, office, press, type } from '../../../tests/office';
import type { Pair } from './color-pairs';

let ColorPairs: typeof import('./color-pairs').ColorPairs;
beforeAll(async () => {
  ({ ColorPairs } = await import('./color-pairs'));
});

const pair = (name: string, words: string, contrast: object) => ({
  name,
  ground: '#ffffff',
  words,
  contrast: { ratio: '21', passes: true, ...contrast },
});

describe('backgrounds with the text that stands on them', () => {
  it('get one more by its name, and the field is empty for the next', async () => {
    office({});
    const put = vi.fn<(pairs: Pair[]) => void>();
    draw(<ColorPairs pairs={[pair('Clay', '#000000', {})] as never} onPut={put} />);
    type('Name of the pair', 'Moss');
    press('Add pair');
    await waitFor(() => expect(put).toHaveBeenCalledTimes(1));
    expect(put.mock.calls[0]?.[0]).toEqual([
      { name: 'Clay', ground: '#ffffff', words: '#000000' },
      { name: 'Moss', ground: '#ffffff', words: '#271b2d' },
    ]);
    await waitFor(() => expect(field('Name of the pair').value).toBe(''));
  });

  it('that cannot be read offer the nearest text that can, and can be removed', () => {
    office({});
    const put = vi.fn<(pairs: Pair[]) => void>();
    const faint = pair('Fog', '#dddddd', { ratio: '1.4', passes: false, nearest: '#767676' });
    draw(<ColorPairs pairs={[faint] as never} onPut={put} />);
    press(/#767676/);
    press(/^Remove.*Fog/);
    expect(put.mock.calls.map(([pairs]) => pairs)).toEqual([
      [{ name: 'Fog', ground: '#ffffff', words: '#767676' }],
      [],
    ]);
    expect(screen.getByText(/1\.4/)).toBeTruthy();
  });
});
