/** What a page sends when the bookmark button is pressed on it. */
export interface HandedOver {
  nodyes: 'page';
  address: string;
  title: string;
  html: string;
}

export const READY = 'nodyes:ready';
export const RECEIVE = '/reviews/bring-in/from-page';

/**
 * The bookmark button's script: it opens the back office and hands it the page once it asks. The
 * page's own rules on what it may send do not hinder it, and the back office alone receives it.
 */
export function bookmark(office: string): string {
  const script = `(()=>{const o=${JSON.stringify(office)},w=open(o+${JSON.stringify(RECEIVE)});
if(!w){alert('The browser kept Nod Yes from opening. Allow this page to open windows and press again.');return}
const f=e=>{if(e.source===w&&e.origin===o&&e.data===${JSON.stringify(READY)}){removeEventListener('message',f);
w.postMessage({nodyes:'page',address:location.href,title:document.title,html:document.documentElement.outerHTML},o)}};
addEventListener('message',f)})()`;
  return `javascript:${encodeURIComponent(script.replaceAll('\n', ''))}`;
}

/** Whether a message is a page handed over. */
export function isHandedOver(data: unknown): data is HandedOver {
  const page = data as Partial<HandedOver> | null;
  return (
    typeof page === 'object' &&
    page?.nodyes === 'page' &&
    typeof page.address === 'string' &&
    typeof page.title === 'string' &&
    typeof page.html === 'string'
  );
}
