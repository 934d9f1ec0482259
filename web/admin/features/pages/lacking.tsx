import type { PageReport } from './frame-link';
import { useLacking } from './nod-queries';

interface LackingProps {
  /** one nod; all that are on where none is named */
  nod?: string;
  /** one kind of page; all of them where none is named */
  kind?: string;
  className?: string;
}

/** The nods that are on and whose pages lack their spot, each with the page that lacks it. */
export function Lacking({ nod, kind, className = '' }: LackingProps) {
  const found = useLacking().data?.lacking ?? [];
  const wanted = found.filter((one) => (!nod || one.nod === nod) && (!kind || one.kind === kind));
  if (wanted.length === 0) return null;
  return (
    <ul
      aria-label="Spots that the pages lack"
      className={`rounded-lg bg-rust-soft px-3 py-2 text-[13px] text-rust-ink ${className}`}
    >
      {wanted.map((one) => (
        <li key={`${one.nod} ${one.kind}`} className="break-words">
          {one.text}
        </li>
      ))}
    </ul>
  );
}

interface TroublesProps {
  kind: string;
  /** what the page in the frame says of itself */
  report: PageReport;
  publicKey: string;
}

/** What keeps the pages of a kind from showing anything: the script, its key, a product. */
export function Troubles({ kind, report, publicKey }: TroublesProps) {
  const found = useLacking().data?.troubles ?? [];
  const seen = seenInFrame(report, publicKey);
  const wanted = seen ? [seen] : found.filter((one) => one.kind === kind).map((one) => one.text);
  if (wanted.length === 0) return null;
  return (
    <ul
      role="status"
      aria-label="What the live pages lack"
      className="mb-3 rounded-xl bg-rust-soft px-4 py-2 text-rust-ink"
    >
      {wanted.map((text) => (
        <li key={text} className="break-words">
          {text}
        </li>
      ))}
    </ul>
  );
}

/** What the page that is looked at lacks, also where the server cannot look at it. */
function seenInFrame({ shop, context }: PageReport, publicKey: string): string | undefined {
  if (shop !== publicKey)
    return shop
      ? `The script on this page has the key of another shop (data-shop="${shop}"), so shoppers see nothing of yours. Setup has the line with your key.`
      : 'The script on this page has no key (data-shop), so shoppers see nothing. Setup has the line with yours.';
  if (!context)
    return 'The script is on this page, but the page does not say what it is, so shoppers see no nod: it needs data-nod-page, and data-nod-product for its products, as Setup shows.';
  return undefined;
}
