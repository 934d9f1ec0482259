interface Waiting {
  timer: ReturnType<typeof setTimeout>;
  run: () => void;
  /** whether it has stood on the page: until it does it is still being drawn */
  stood: boolean;
}

const waiting = new Map<Element, Waiting>();
let isListening = false;

/**
 * Runs it after so many milliseconds while the element stands on the page, and at once when a page
 * that was hidden comes into sight. What has left the page is let go of, not kept until its time.
 */
export function tickLater(host: Element, wait: number, tick: () => void): void {
  letGo();
  clearTimeout(waiting.get(host)?.timer);
  const run = () => {
    waiting.delete(host);
    if (host.isConnected) tick();
  };
  const known: Waiting = { timer: setTimeout(run, wait), run, stood: false };
  waiting.set(host, known);
  // what is drawn is put on the page in the same turn
  queueMicrotask(() => (known.stood = host.isConnected));
  if (isListening) return;
  isListening = true;
  document.addEventListener('visibilitychange', () => {
    if (document.hidden) return;
    for (const { timer, run } of [...waiting.values()]) {
      clearTimeout(timer);
      run();
    }
  });
}

function letGo(): void {
  for (const [host, { timer, stood }] of waiting)
    if (stood && !host.isConnected) {
      clearTimeout(timer);
      waiting.delete(host);
    }
}
