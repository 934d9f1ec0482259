import { fireEvent, renderHook } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { keysHere, useKeys } from './keys';

function put(html: string): HTMLElement {
  document.body.innerHTML = html;
  return document.body.querySelector<HTMLElement>('.here')!;
}

function keys(names: string[]) {
  const pressed = vi.fn<(name: string) => void>();
  const map = Object.fromEntries(names.map((name) => [name, () => pressed(name)]));
  return { pressed, ...renderHook(() => useKeys(map)) };
}

describe('keys of a screen', () => {
  it('do what they are for, with Shift something else', () => {
    const { pressed } = keys(['z', 'Shift+z', 'ArrowDown', 'Shift+ArrowDown', '?']);
    for (const [key, shiftKey] of [
      ['z', false],
      ['Z', true],
      ['ArrowDown', false],
      ['ArrowDown', true],
      ['?', true],
    ] as const)
      fireEvent.keyDown(document.body, { key, shiftKey });
    expect(pressed.mock.calls.flat()).toEqual([
      'z',
      'Shift+z',
      'ArrowDown',
      'Shift+ArrowDown',
      '?',
    ]);
  });

  it('are silent while someone types, and with Ctrl, Alt or Meta', () => {
    const { pressed } = keys(['z']);
    fireEvent.keyDown(put('<input class="here">'), { key: 'z' });
    fireEvent.keyDown(put('<select class="here"></select>'), { key: 'z' });
    fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true });
    fireEvent.keyDown(document.body, { key: 'z', metaKey: true });
    expect(pressed).not.toHaveBeenCalled();
    fireEvent.keyDown(put('<input type="checkbox" class="here">'), { key: 'z' });
    expect(pressed).toHaveBeenCalledOnce();
  });

  it('are silent under what lies over the screen', () => {
    const { pressed } = keys(['z']);
    fireEvent.keyDown(put('<div data-over><p class="here"></p></div>'), { key: 'z' });
    expect(pressed).not.toHaveBeenCalled();
  });

  it('Escape leaves a field first, then is for the screen', () => {
    const { pressed } = keys(['Escape']);
    const field = put('<input class="here">');
    field.focus();
    fireEvent.keyDown(field, { key: 'Escape' });
    expect(pressed).not.toHaveBeenCalled();
    expect(document.activeElement).toBe(document.body);
    fireEvent.keyDown(document.body, { key: 'Escape' });
    expect(pressed).toHaveBeenCalledOnce();
  });

  it('Escape closes a menu before anything of the screen', () => {
    const { pressed } = keys(['Escape']);
    put('<div role="menu"></div><p class="here"></p>');
    fireEvent.keyDown(document.body, { key: 'Escape' });
    expect(pressed).not.toHaveBeenCalled();
  });

  it('are told while their screen is there', () => {
    const names = [['Z', 'undo']] as const;
    const { unmount } = renderHook(() => useKeys({}, names));
    expect(keysHere()).toEqual([['Z', 'undo']]);
    unmount();
    expect(keysHere()).toEqual([]);
  });
});
