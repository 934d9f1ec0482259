const KEY = 'nodyes-closed';

/** Whether a shopper has closed a notice; it stays closed. */
export function isClosed(nod: string): boolean {
  return closed().includes(nod);
}

/** Notes that it was closed. */
export function close(nod: string): void {
  try {
    localStorage.setItem(KEY, JSON.stringify([...new Set([...closed(), nod])].slice(-50)));
  } catch {
    // without storage it is closed on this page alone
  }
}

function closed(): string[] {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as string[];
  } catch {
    return [];
  }
}
