const made = new Map<string, CSSStyleSheet>();
const OF_HOST = /^:host(\(.*\))?$/;
const DECLARATION = /(?<=^|\s)([\w-]+):\s*((?:"[^"]*"|[^";])*);/g;

/**
 * A sheet whose rules for the nod's own element hold against the shop's: what a reset says of every
 * element is said of a nod too, and would go before them (CSS Scoping, 3.3.1).
 */
export function firm(css: string): CSSStyleSheet {
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(css);
  harden(sheet.cssRules);
  return sheet;
}

function harden(rules: CSSRuleList): void {
  for (const rule of rules) {
    if (rule instanceof CSSStyleRule && isOfHost(rule.selectorText)) {
      rule.style.cssText = hardened(rule.style.cssText);
    } else if (rule instanceof CSSGroupingRule) harden(rule.cssRules);
  }
}

/**
 * Declarations that hold. What is written short stays so: its parts have no values of their own
 * where a variable is in it.
 */
export function hardened(declarations: string): string {
  return declarations.replace(DECLARATION, (whole, name: string, value: string) =>
    name.startsWith('--') || value.includes('!important') ? whole : `${name}: ${value} !important;`,
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
  const sheet = made.get(css) ?? firm(css);
  made.set(css, sheet);
  const [base, ...rest] = root.adoptedStyleSheets;
  if (base === sheet || rest.includes(sheet)) return;
  root.adoptedStyleSheets = base ? [base, sheet, ...rest] : [sheet];
}
