import { act, render } from '@testing-library/react';
import { RouterProvider, createBrowserRouter } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useSidePanel } from '../layout/side-panel';

vi.mock('../../shared/t', () => ({ t: (id: string) => id }));
const { useViewpoint } = await import('./use-viewpoint');

type Drawn = [ReturnType<typeof useViewpoint>, ReturnType<typeof useSidePanel>];

const drawn: Drawn[] = [];
function Probe() {
  drawn.push([useViewpoint(), useSidePanel()]);
  return null;
}

/** What a page that is drawn once more only after all has been picked is told. */
async function pick(...picks: ((of: Drawn) => void)[]) {
  const of = drawn.at(-1)!;
  await act(async () => {
    for (const one of picks) {
      one(of);
      await Promise.resolve();
    }
  });
}
const address = () => window.location.pathname + window.location.search;

describe('the viewpoint of Pages', () => {
  beforeEach(() => {
    window.history.replaceState(null, '', '/pages/product/pot?as=wide');
    render(
      <RouterProvider
        router={createBrowserRouter([{ path: '/pages/:kind/:product', element: <Probe /> }])}
      />,
    );
  });
  afterEach(() => {
    drawn.length = 0;
  });

  it('keeps a country picked before the page was drawn with it: the language took it away', async () => {
    await pick(
      ([[, change]]) => change({ country: 'JP' }),
      ([[, change]]) => change({ language: 'de' }),
    );
    expect(address()).toBe('/pages/product/pot?as=JP,de,wide');
    expect(drawn.at(-1)?.[0][0]).toMatchObject({ country: 'JP', language: 'de', screens: 'wide' });
  });

  it('keeps the nod that was opened just before, and the nod keeps the viewpoint', async () => {
    await pick(
      ([, [, open]]) => open({ what: 'nod', nod: 'stars' }),
      ([[, change]]) => change({ country: 'JP' }),
    );
    expect(address()).toBe('/pages/product/pot?as=JP,wide&nod=stars');
    await pick(
      ([[, change]]) => change({ country: 'PT' }),
      ([, [, open]]) => open({ what: 'kit' }),
    );
    expect(new URLSearchParams(window.location.search).get('as')).toBe('PT,wide');
    expect(drawn.at(-1)?.[1][0]).toEqual({ what: 'kit' });
  });
});
