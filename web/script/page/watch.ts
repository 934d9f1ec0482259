import { roots } from './dom';

/** Long enough for a framework to finish a page, short enough for nobody to read what is no more. */
const TOGETHER = 60;
const ATTRIBUTES = [
  'data-nod-page',
  'data-nod-product',
  'data-nod-variant',
  'data-nod-spot',
  'data-nod-ordered',
  'content',
  'href',
  'lang',
];
const OURS =
  'nod-yes,nod-space,[data-nod-picture],#nodyes-pins,#nodyes-pointing,#nodyes-lesson,#nodyes-structured';
/** What a shop may say on the document when it has changed something: a call that is never needed. */
const CHANGED = 'nodyes:changed';

/**
 * Tells when the page may have become another one: at once where its address changed, and a moment
 * after its content did. Nothing runs while nothing changes.
 */
export function watch(check: () => void): void {
  let waiting: ReturnType<typeof setTimeout> | undefined;
  const observed = new WeakSet<Node>();
  const observer = new MutationObserver((records) => {
    if (records.some(isOfPage)) soon();
  });
  const observe = () => {
    for (const root of roots()) {
      if (observed.has(root)) continue;
      observed.add(root);
      observer.observe(root, { childList: true, subtree: true, attributeFilter: ATTRIBUTES });
    }
  };
  const now = () => {
    clearTimeout(waiting);
    waiting = undefined;
    observe();
    check();
  };
  const soon = () => {
    waiting ??= setTimeout(now, TOGETHER);
  };
  observe();
  onAddress(now);
  document.addEventListener(CHANGED, now);
  // a variant that is chosen changes what its address or its data say, mostly without a trace before
  document.addEventListener('change', soon);
}

function onAddress(now: () => void): void {
  const { navigation } = window as unknown as { navigation?: EventTarget };
  if (navigation) {
    navigation.addEventListener('currententrychange', now);
    return;
  }
  for (const name of ['pushState', 'replaceState'] as const) {
    const original = history[name].bind(history);
    history[name] = (...given) => {
      original(...given);
      now();
    };
  }
  window.addEventListener('popstate', now);
  window.addEventListener('hashchange', now);
}

function isOfPage({ type, target, addedNodes, removedNodes }: MutationRecord): boolean {
  const element =
    target.nodeType === Node.ELEMENT_NODE ? (target as Element) : target.parentElement;
  if (element?.closest(OURS)) return false;
  if (type === 'attributes') return true;
  // what data says changes with its text
  if (element?.localName === 'script') return true;
  return [...addedNodes, ...removedNodes].some(
    (node) => node.nodeType === Node.ELEMENT_NODE && !(node as Element).matches(OURS),
  );
}
