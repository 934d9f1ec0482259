let known: (Document | ShadowRoot)[] | undefined;

/** The document and the open shadow trees in it, those of nods left out; looked for once in a turn. */
export function roots(): (Document | ShadowRoot)[] {
  if (known) return known;
  known = findRoots();
  queueMicrotask(() => (known = undefined));
  return known;
}

function findRoots(): (Document | ShadowRoot)[] {
  const found: (Document | ShadowRoot)[] = [document];
  for (const root of found)
    for (const element of root.querySelectorAll('*'))
      if (element.shadowRoot && element.localName !== 'nod-yes') found.push(element.shadowRoot);
  return found;
}

/** All elements of the page that match, also those in shadow trees. */
export function all<E extends Element = HTMLElement>(selector: string): E[] {
  return roots().flatMap((root) => [...root.querySelectorAll<E>(selector)]);
}

/** As all, of a selector that somebody wrote: one that cannot be read finds nothing. */
export function matching(selector: string): Element[] {
  try {
    return all(selector);
  } catch {
    return [];
  }
}

/** The next element outwards, through shadow trees. */
export function outer(element: Element): Element | null {
  const root = element.parentElement ? undefined : element.getRootNode();
  return element.parentElement ?? (root instanceof ShadowRoot ? root.host : null);
}

/** Whether anyone can see it. */
export function isDrawn(element: Element): boolean {
  return element.checkVisibility?.() ?? element.getClientRects().length > 0;
}
