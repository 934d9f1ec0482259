import { ownAddress } from './withdrawal-link';

const SHIPPED: Record<string, string> = {
  'Instrument Sans': 'instrument-sans',
  'Bricolage Grotesque': 'bricolage-grotesque',
};
const loaded = new Set<string>();

/** Loads a font that ships with the script, or the shop's own, once and only where a nod is set in it. */
export function loadFont(origin: string, name: string | undefined): void {
  if (!name || loaded.has(name)) return;
  const own = ownAddress(origin, name);
  const shipped = SHIPPED[name];
  if (!own && !shipped) return;
  loaded.add(name);
  document.fonts.add(
    own
      ? new FontFace(`nod-${name.slice(4, 16)}`, `url(${own})`, {
          // a file that holds all weights says so in its name; of others the browser makes the bold
          weight: own.endsWith('.var.woff2') ? '1 1000' : '400',
          display: 'swap',
        })
      : new FontFace(name, `url(${origin}/nodyes/fonts/${shipped}.woff2)`, {
          weight: '200 800',
          display: 'swap',
        }),
  );
}
