import { describe, expect, it, vi } from 'vitest';
import { forgetTyped, keepTyped, readTyped } from './saved-draft';

describe('what was typed into the form', () => {
  it('is there when the page is loaded again, for its product alone', () => {
    const typed = { ...readTyped('pot'), stars: 4, texts: { words: 'Holds.' } };
    keepTyped('pot', typed);
    expect(readTyped('pot')).toEqual(typed);
    expect(readTyped('jar').stars).toBe(0);
  });

  it('is forgotten once it was sent', () => {
    keepTyped('pot', { ...readTyped('pot'), stars: 4 });
    forgetTyped('pot');
    expect(readTyped('pot').stars).toBe(0);
  });

  it('is filled up where an older page kept less', () => {
    sessionStorage.setItem('nodyes-form-pot', '{"stars":3}');
    expect(readTyped('pot')).toMatchObject({ stars: 3, texts: {}, pictures: [] });
  });

  it('begins empty each time: what one form changes is not in the next', () => {
    readTyped('pot').texts['words'] = 'of another';
    expect(readTyped('jar').texts).toEqual({});
  });

  it('is no failure of a browser that keeps nothing', () => {
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    expect(() => keepTyped('pot', readTyped('pot'))).not.toThrow();
  });
});
