import { renderHook } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { isAnythingTyped, sendingOf, sentOf, useUnsaved } from './unsaved';

/** Whether closing the window is asked about. */
function isAsked(): boolean {
  const leaving = new Event('beforeunload', { cancelable: true });
  window.dispatchEvent(leaving);
  return leaving.defaultPrevented;
}

describe('leaving what is not saved', () => {
  it('is asked about as long as it is not saved', () => {
    const form = renderHook(({ isUnsaved }) => useUnsaved('shop', isUnsaved), {
      initialProps: { isUnsaved: false },
    });
    expect([isAnythingTyped(), isAsked()]).toEqual([false, false]);
    form.rerender({ isUnsaved: true });
    expect([isAnythingTyped(), isAsked()]).toEqual([true, true]);
    form.rerender({ isUnsaved: false });
    expect([isAnythingTyped(), isAsked()]).toEqual([false, false]);
  });

  it('is no longer asked about once the form is gone', () => {
    const form = renderHook(() => useUnsaved('shop', true));
    form.unmount();
    expect(isAsked()).toBe(false);
  });

  it('is asked about while something is on its way, which is nothing typed', () => {
    sendingOf('stars');
    expect([isAnythingTyped(), isAsked()]).toEqual([false, true]);
    sentOf('stars');
    expect(isAsked()).toBe(false);
  });
});
