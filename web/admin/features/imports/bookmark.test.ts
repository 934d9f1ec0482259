import { describe, expect, it } from 'vitest';
import { bookmark, isHandedOver, READY } from './bookmark';

describe('the bookmark that hands a page over', () => {
  it('is one line of script for the office that made it', () => {
    const line = bookmark('https://office.example');
    expect(line.startsWith('javascript:')).toBe(true);
    const script = decodeURIComponent(line.slice('javascript:'.length));
    expect(script).not.toContain('\n');
    expect(script).toContain('"https://office.example"');
    expect(script).toContain(JSON.stringify(READY));
    // it can be read as a program
    // eslint-disable-next-line @typescript-eslint/no-implied-eval -- read, never run
    expect(() => new Function(script)).not.toThrow();
  });

  it('cannot be broken out of by an address', () => {
    const script = decodeURIComponent(bookmark('https://x.example/");alert(1);("').slice(11));
    // eslint-disable-next-line @typescript-eslint/no-implied-eval -- read, never run
    expect(() => new Function(script)).not.toThrow();
    expect(script).toContain('"https://x.example/\\");alert(1);(\\""');
  });

  it.each([
    [{ nodyes: 'page', address: 'https://a.example', title: '', html: '<p>' }, true],
    [{ nodyes: 'page', address: 'https://a.example', title: '' }, false],
    [{ nodyes: 'other', address: '', title: '', html: '' }, false],
    [{ nodyes: 'page', address: 1, title: '', html: '' }, false],
    ['page', false],
    [null, false],
    [undefined, false],
  ])('%j is taken for a page: %s', (data, is) => {
    expect(isHandedOver(data)).toBe(is);
  });
});
