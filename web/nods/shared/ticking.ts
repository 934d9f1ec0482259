interface Waiting {
  timer: ReturnType<typeof setTimeout>;
  run: () => void;
  /** what it is a part of, once it is drawn */
  root: Node | undefined;
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
  const known: Waiting = { timer: setTimeout(run, wait), run, root: undefined };
  waiting.set(host, known);
  // what is drawn is put into its nod in the same turn, which is put on the page later
  queueMicrotask(() => (known.root = host.getRootNode()));
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
  for (const [host, { timer, root }] of waiting)
    if (root && (root !== host.getRootNode() || hasLeft(root))) {
      clearTimeout(timer);
      waiting.delete(host);
    }
}

/** A nod that was on the page and is no more; one that is still being drawn was not. */
function hasLeft(root: Node): boolean {
  const nod = (root as Partial<ShadowRoot>).host as { stood?: boolean } | undefined;
  return !!nod?.stood && !root.isConnected;
}
