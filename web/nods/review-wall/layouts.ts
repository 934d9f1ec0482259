import css from './layouts.css?inline';

const sheet = new CSSStyleSheet();
sheet.replaceSync(css);

/** Other looks and layouts than the first: after the wall's own rules, before the owner's. */
export function dress(root: ShadowRoot): void {
  const [base, wall, ...own] = root.adoptedStyleSheets;
  if (base && wall && !own.includes(sheet)) root.adoptedStyleSheets = [base, wall, sheet, ...own];
}
