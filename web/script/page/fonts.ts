const SHIPPED: Record<string, string> = {
  'Instrument Sans': 'instrument-sans',
  'Bricolage Grotesque': 'bricolage-grotesque',
};
const loaded = new Set<string>();

/** Loads a font that ships with the script, once and only where a nod is set in it. */
export function loadFont(origin: string, name: string | undefined): void {
  const file = name && SHIPPED[name];
  if (!file || loaded.has(name)) return;
  loaded.add(name);
  const face = new FontFace(name, `url(${origin}/nodyes/fonts/${file}.woff2)`, {
    weight: '200 800',
    display: 'swap',
  });
  document.fonts.add(face);
}
