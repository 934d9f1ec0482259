import { useEffect, useLayoutEffect } from 'react';

type Keys = Record<string, (event: KeyboardEvent) => void>;

/** Keys as they are printed, each with what it does. */
export type ToldKeys = readonly (readonly [keys: string, does: string])[];

/** What the parts of the screen that is seen listen to. */
const told = new Set<ToldKeys>();

/** The keys of the screen that is seen, as they are told. */
export const keysHere = (): ToldKeys => [...told].flat();

const isIn = (target: EventTarget | null, selector: string) =>
  target instanceof HTMLElement && !!target.closest(selector);

const WORDS = 'input:not([type=checkbox]),textarea,select,[role=menu]';
/** what lies over the screen */
const OVER = '[data-over]';

/**
 * Keys of a screen; silent while someone types. 'Shift+p' is p with Shift, 'Shift+ArrowDown' too.
 *
 * @param words what they do, told where someone asks; the same at each call
 */
export function useKeys(keys: Keys, words?: ToldKeys): void {
  useEffect(() => {
    if (!words) return;
    told.add(words);
    return () => void told.delete(words);
  }, [words]);
  // before the paint: what can be seen can be acted on
  useLayoutEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (isIn(event.target, OVER)) return;
      if (isIn(event.target, WORDS) && event.key !== 'Escape') return;
      const name = event.key.length === 1 ? event.key.toLowerCase() : event.key;
      // what '?' or '/' take to type differs by keyboard: Shift says nothing there
      const act = keys[event.shiftKey && /^([a-z]|\w{2,})$/.test(name) ? `Shift+${name}` : name];
      if (act) {
        event.preventDefault();
        act(event);
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [keys]);
}
