/**
 * Where style sheets say that their drawings are. They come from the server's own address: a shop's
 * policy lets pictures from there in, and need not let in what is written into style sheets (data:).
 */
export const DRAWINGS = 'https://drawings.invalid/';

/** The rules with their drawings at a server. */
export const drawnFrom = (origin: string, css: string) =>
  css.replaceAll(DRAWINGS, `${origin}/nodyes/drawings/`);
