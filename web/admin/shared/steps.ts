/** Acts that were done and can be undone, and those that were undone and can be redone. */
export interface Steps<T> {
  done: T[];
  undone: T[];
}

/** So many are kept of each. */
const MOST = 100;
const PREFIX = 'nodyes-steps-';

/** The steps of a place: they outlive leaving it and loading it anew, in this window alone. */
export function readSteps<T>(place: string): Steps<T> {
  try {
    const kept = JSON.parse(sessionStorage.getItem(PREFIX + place) ?? '') as Steps<T>;
    if (Array.isArray(kept.done) && Array.isArray(kept.undone)) return kept;
  } catch {
    // none were kept, or the browser keeps nothing
  }
  return { done: [], undone: [] };
}

/** Keeps them; the oldest beyond the hundredth are no longer offered. */
export function keepSteps<T>(place: string, { done, undone }: Steps<T>): Steps<T> {
  const steps = { done: done.slice(-MOST), undone: undone.slice(-MOST) };
  try {
    sessionStorage.setItem(PREFIX + place, JSON.stringify(steps));
  } catch {
    // more than the browser keeps: then they live as long as the screen
  }
  return steps;
}

/** Forgets the steps of all places, as whoever signs in next did none of them. */
export function forgetSteps(): void {
  Object.keys(sessionStorage)
    .filter((key) => key.startsWith(PREFIX))
    .forEach((key) => {
      sessionStorage.removeItem(key);
    });
}
