const made = new Map<string, CSSStyleSheet>();

/** Rules for a nod's own tree: after those of all nods, before the nod's and the owner's own. */
export function dressIn(root: ShadowRoot, css: string): void {
  const sheet = made.get(css) ?? new CSSStyleSheet();
  if (!made.has(css)) {
    sheet.replaceSync(css);
    made.set(css, sheet);
  }
  const [base, ...rest] = root.adoptedStyleSheets;
  if (base === sheet || rest.includes(sheet)) return;
  root.adoptedStyleSheets = base ? [base, sheet, ...rest] : [sheet];
}
