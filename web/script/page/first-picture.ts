/** A shopper who waits longer than this for a page to appear would rather have it move. */
const LONGEST_WAIT = 1000;
const UNSEEN = 'html{visibility:hidden!important}';

/**
 * Where the line is written so that the browser waits for it (`blocking="render"`, HTML Living
 * Standard), the page appears together with its nods, so that nothing moves: once what it gives
 * back is called, or after a moment. A page that is seen already stays so.
 */
export function holdFirstPicture(line: HTMLScriptElement): () => void {
  const isHeld = /\brender\b/.test(line.getAttribute('blocking') ?? '');
  if (!isHeld || performance.getEntriesByType('paint').length > 0) return () => undefined;
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(UNSEEN);
  // a sheet of its own, since frameworks compare the attributes of a page with theirs
  document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
  const show = () => {
    document.adoptedStyleSheets = document.adoptedStyleSheets.filter((one) => one !== sheet);
  };
  setTimeout(show, LONGEST_WAIT);
  return show;
}
