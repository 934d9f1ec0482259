import { useEffect } from 'react';

/** What was typed and is nowhere kept yet: whoever leaves it is asked. */
const typed = new Set<string>();
/** What is on its way to the server and is tried until it is there: closing the window loses it. */
const onItsWay = new Set<string>();

window.addEventListener('beforeunload', (event) => {
  if (typed.size > 0 || onItsWay.size > 0) event.preventDefault();
});

/** Asks before what was typed in a form is left, as long as it is not saved. */
export function useUnsaved(form: string, isUnsaved: boolean): void {
  useEffect(() => {
    if (!isUnsaved) return;
    typed.add(form);
    return () => void typed.delete(form);
  }, [form, isUnsaved]);
}

export const isAnythingTyped = () => typed.size > 0;

export const sendingOf = (what: string) => void onItsWay.add(what);
export const sentOf = (what: string) => void onItsWay.delete(what);
