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

/** What keeps the pages of a kind from showing anything: the script, its key, a product. */
export function Troubles({ kind }: { kind: string }) {
  const found = useLacking().data?.troubles ?? [];
  const wanted = found.filter((one) => one.kind === kind);
  if (wanted.length === 0) return null;
  return (
    <ul
      role="status"
      aria-label="What the live pages lack"
      className="mb-3 rounded-xl bg-rust-soft px-4 py-2 text-rust-ink"
    >
      {wanted.map((one) => (
        <li key={one.text} className="break-words">
          {one.text}
        </li>
      ))}
    </ul>
  );
}
