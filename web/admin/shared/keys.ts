import { useEffect, useLayoutEffect } from 'react';

type Keys = Record<string, (event: KeyboardEvent) => void>;

/** Keys as they are printed, each with what it does. */
export type KeyNames = readonly (readonly [keys: string, does: string])[];

/** What the parts of the screen that is seen listen to. */
const told = new Set<KeyNames>();

/** The keys of the screen that is seen, as they are told. */
export const keysHere = (): KeyNames => [...told].flat();

const isIn = (target: EventTarget | null, selector: string) =>
  target instanceof HTMLElement && !!target.closest(selector);

const WORDS = 'input:not([type=checkbox]),textarea,select,[role=menu]';
/** what lies over the screen */
const OVER = '[data-over]';
/** what Escape closes before anything of the screen itself */
const CLOSES_FIRST = '[role=menu], [role=dialog], [role=alertdialog], [role=listbox]';

// asked before anyone hears of the key: by the time the screen does, what it closed is gone
let closesFirst = false;
window.addEventListener(
  'keydown',
  (event) => {
    if (event.key === 'Escape') closesFirst = document.querySelector(CLOSES_FIRST) !== null;
  },
  { capture: true },
);

/** Whether Escape was for something that lies over the screen, or for a field that it leaves. */
function isForAnother(event: KeyboardEvent): boolean {
  if (closesFirst) return true;
  if (!isIn(event.target, WORDS)) return false;
  (event.target as HTMLElement).blur();
  return true;
}

/**
 * Keys of a screen; silent while someone types. 'Shift+p' is p with Shift, 'Shift+ArrowDown' too.
 *
 * @param words what they do, told where someone asks; the same at each call
 */
export function useKeys(keys: Keys, words?: KeyNames): void {
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
      if (event.key === 'Escape' ? isForAnother(event) : isIn(event.target, WORDS)) return;
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
