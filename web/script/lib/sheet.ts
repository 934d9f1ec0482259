const made = new Map<string, CSSStyleSheet>();
const OF_HOST = /^:host(\(.*\))?$/;
const BLOCK = /([^{}]+)\{([^{}]*)\}/g;
const DECLARATION = /(?<=^|[;\s])([\w-]+)\s*:\s*((?:"[^"]*"|[^";])*)(?:;|$)/g;

/**
 * A sheet whose rules for the nod's own element hold against the shop's: what a reset says of every
 * element is said of a nod too, and would go before them (CSS Scoping, 3.3.1).
 * One sheet to a text, for all nods of a page.
 */
export function firm(css: string): CSSStyleSheet {
  const known = made.get(css);
  if (known) return known;
  const sheet = new CSSStyleSheet();
  made.set(css, sheet);
  sheet.replaceSync(
    // as text: what is written short with a variable in it, and then in part again, has no other form
    css.replace(BLOCK, (whole, selector: string, declarations: string) =>
      isOfHost(selector) ? `${selector}{${hardened(declarations)}}` : whole,
    ),
  );
  return sheet;
}

/** Declarations that hold; variables are as they were. */
export function hardened(declarations: string): string {
  return declarations.replace(DECLARATION, (whole, name: string, value: string) =>
    name.startsWith('--') || value.includes('!important')
      ? whole
      : `${name}:${value.trim()} !important;`,
  );
}

/** Whether all that a rule is for is the nod's own element. */
export function isOfHost(selector: string): boolean {
  // what stands in brackets may have commas of its own
  const parts = selector.replace(/\[[^\]]*\]|:not\([^)]*\)/g, '').split(',');
  return parts.every((part) => OF_HOST.test(part.trim().replace(/\(\s*\)/g, '')));
}

/** Rules for a nod's own tree: after those of all nods, before the nod's and the owner's own. */
export function dressIn(root: ShadowRoot, css: string): void {
  const sheet = firm(css);
  const [base, ...rest] = root.adoptedStyleSheets;
  if (base === sheet || rest.includes(sheet)) return;
  root.adoptedStyleSheets = base ? [base, sheet, ...rest] : [sheet];
}
