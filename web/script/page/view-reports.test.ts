import { afterEach, describe, expect, it, vi } from 'vitest';
import { askNumber, reportViews } from './view-reports';

const page = (product: string) => ({
  kind: 'product',
  products: [product],
  variant: undefined,
  ordered: undefined,
  language: 'en',
});

describe('what a page asks for with its views', () => {
  afterEach(() => {
    vi.unstubAllGlobals();
    vi.useRealTimers();
    document.body.innerHTML = '';
  });

  /** A server that is away, or has had enough, took no listener away: each kept its whole nod. */
  it('is nothing of the page before, also where no answer came', () => {
    vi.useFakeTimers();
    const asked: string[] = [];
    vi.stubGlobal('fetch', (_: string, { body }: { body: string }) => {
      asked.push(body);
      return Promise.resolve({ ok: false });
    });
    const line = document.createElement('p');
    document.body.append(line);
    askNumber({ product: 'jar', window: 'HOUR', quietUnder: 5 }, line, () => undefined);
    reportViews('https://office.example', page('jar'), false);
    expect(asked.at(-1)).toContain('"product":"jar"');
    line.remove();
    reportViews('https://office.example', page('pot'), false);
    expect(asked.at(-1)).toContain('"asked":[]');
  });
});
