import { useLayoutEffect } from 'react';

type Keys = Record<string, (event: KeyboardEvent) => void>;

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    !!target.closest('input:not([type=checkbox]),textarea,select,[role=menu]')
  );
}

/** Keys of a screen; silent while someone types. 'Shift+p' is p with Shift, 'Shift+ArrowDown' too. */
export function useKeys(keys: Keys): void {
  // before the paint: what can be seen can be acted on
  useLayoutEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (isTyping(event.target) && event.key !== 'Escape') return;
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
