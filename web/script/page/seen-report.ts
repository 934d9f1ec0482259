import type { Reading } from './reading';

/** A nod that shows, and whether it found a place. */
interface Shown {
  spot: string;
  placed: boolean;
}

/** Tells the owner what this page says of itself, and which nods found no place on it. */
export async function reportSeen(
  origin: string,
  shop: string,
  { context, signs }: Reading,
  nods: Shown[],
): Promise<void> {
  const lacking = nods.filter(({ placed }) => !placed).map(({ spot }) => spot);
  await fetch(`${origin}/embed/v1/seen`, {
    method: 'POST',
    credentials: 'omit',
    keepalive: true,
    // sent as text: a browser asks no leave before it
    body: JSON.stringify({
      shop,
      at: location.pathname,
      kind: context?.kind,
      products: context?.products,
      signs: signs && Object.fromEntries(signs.query),
      lacking: [...new Set(lacking)],
    }),
  });
}
