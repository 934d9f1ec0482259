import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { holdFirstPicture } from './first-picture';

/** A line as it stands in the head of a page. */
function line(blocking?: string): HTMLScriptElement {
  const script = document.createElement('script');
  if (blocking) script.setAttribute('blocking', blocking);
  return script;
}

const painted = (entries: PerformanceEntry[]) =>
  vi.spyOn(performance, 'getEntriesByType').mockReturnValue(entries);

const rules = () =>
  document.adoptedStyleSheets.flatMap((sheet) => [...sheet.cssRules].map((rule) => rule.cssText));

describe('the first picture of a page', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    painted([]);
    document.adoptedStyleSheets = [];
  });

  afterEach(() => {
    vi.useRealTimers();
    vi.restoreAllMocks();
    document.adoptedStyleSheets = [];
  });

  it('is waited for where the line says so, until nods stand', () => {
    const own = new CSSStyleSheet();
    document.adoptedStyleSheets = [own];
    const appear = holdFirstPicture(line('render'));
    expect(rules()).toEqual([expect.stringContaining('hidden')]);
    appear();
    expect(document.adoptedStyleSheets).toEqual([own]);
  });

  it('is waited for a second at most', () => {
    holdFirstPicture(line('render'));
    vi.advanceTimersByTime(999);
    expect(rules()).toHaveLength(1);
    vi.advanceTimersByTime(1);
    expect(rules()).toEqual([]);
  });

  it('is never taken back', () => {
    painted([{} as PerformanceEntry]);
    holdFirstPicture(line('render'));
    expect(rules()).toEqual([]);
  });

  it('is not held by a line that waits for nothing', () => {
    holdFirstPicture(line());
    expect(rules()).toEqual([]);
  });
});
