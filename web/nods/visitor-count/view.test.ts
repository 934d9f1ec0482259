import { describe, expect, it } from 'vitest';
import { onPage, shopper, textOf } from '../../tests/shopper';
import type { VisitorCountNod } from '../../script/lib/response-types';
import { visitorCount } from './view';

type Hear = (n: number) => void;

/** A count on the page, as its element holds it, and a way to tell it numbers. */
function counted(window: VisitorCountNod['window'] = 'HOUR') {
  let hear: Hear = () => undefined;
  const context = shopper('visitor-count', { number: (_asked, _line, told) => (hear = told) });
  const host = onPage(document.createElement('div'));
  const nod = {
    id: 'looking',
    kind: 'visitor-count',
    spot: 'under-buy',
    product: 'pot',
    quietUnder: 5,
    window,
  } as const;
  const line = visitorCount(nod, context) as HTMLElement;
  host.attachShadow({ mode: 'open' }).append(line);
  return { host, line, hear: (n: number) => hear(n) };
}

describe('the visitor count', () => {
  it('has its room before it has a number, and says nothing', () => {
    const { line } = counted();
    expect(line.isConnected).toBe(true);
    expect(textOf(line)).toBe('');
  });

  it.each([
    ['NOW', '12 people viewed this in the past 5 minutes'],
    ['HOUR', '12 people viewed this in the past hour'],
    ['DAY', '12 people viewed this in the past 24 hours'],
    ['WEEK', '12 people viewed this in the past 7 days'],
  ] as const)('says over how long it counts: %s', (window, words) => {
    const { line, hear } = counted(window);
    hear(12);
    expect(textOf(line)).toBe(words);
  });

  it('says one person where it is one', () => {
    const { line, hear } = counted();
    hear(1);
    expect(textOf(line)).toBe('1 person viewed this in the past hour');
  });

  it('is silent at nothing, keeps its room, and speaks again', () => {
    const { host, line, hear } = counted();
    hear(12);
    hear(0);
    expect(host.hasAttribute('data-silent')).toBe(true);
    hear(9);
    expect(host.hasAttribute('data-silent')).toBe(false);
    expect(textOf(line)).toContain('9 people');
  });
});
