import type { PageReport } from './frame-link';
import { useMissingSpots } from './nod-queries';
import { t } from '../../shared/t';

interface LackingProps {
  /** one nod; all that are on where none is named */
  nod?: string;
  /** one kind of page; all of them where none is named */
  kind?: string;
  className?: string;
}

/** The nods that are on and whose pages lack their spot, each with the page that lacks it. */
export function MissingSpots({ nod, kind, className = '' }: LackingProps) {
  const found = useMissingSpots().data?.lacking ?? [];
  const wanted = found.filter((one) => (!nod || one.nod === nod) && (!kind || one.kind === kind));
  if (wanted.length === 0) return null;
  return (
    <ul
      aria-label={t('pages.missingSpots.missingSpots')}
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
  const found = useMissingSpots().data?.troubles ?? [];
  const seen = seenInFrame(report, publicKey);
  const wanted = seen ? [seen] : found.filter((one) => one.kind === kind).map((one) => one.text);
  if (wanted.length === 0) return null;
  return (
    <ul
      role="status"
      aria-label={t('pages.missingSpots.missingOnYourLivePages')}
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
      ? t('pages.missingSpots.theScriptOnThisPage', { shop })
      : t('pages.missingSpots.theScriptOnThisPage2');
  if (!context) return t('pages.missingSpots.theScriptIsOnThis');
  return undefined;
}
