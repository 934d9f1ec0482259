import { useCallback } from 'react';
import { useSearchParams } from 'react-router';

/** What stands beside the page. */
export type SidePanel =
  | { what: 'list' }
  | { what: 'nod'; nod: string }
  | { what: 'add'; spot: string | undefined }
  | { what: 'point' }
  | { what: 'versions' }
  | { what: 'kit' };

const NAMES = ['nod', 'face', 'panel', 'spot'];
const PANELS = ['point', 'versions', 'kit'] as const;

function read(query: URLSearchParams): SidePanel {
  const nod = query.get('nod');
  if (nod) return { what: 'nod', nod };
  const panel = query.get('panel');
  if (panel === 'add') return { what: 'add', spot: query.get('spot') ?? undefined };
  const plain = PANELS.find((one) => one === panel);
  return plain ? { what: plain } : { what: 'list' };
}

/** What the address says by now, which may be ahead of what is drawn. */
export const currentQuery = () => new URLSearchParams(window.location.search);

/** An address that keeps what stands beside the page in another. */
export function withSidePanel(address: string, query: URLSearchParams): string {
  const kept = NAMES.flatMap((name) => {
    const value = query.get(name);
    return value ? [`${name}=${encodeURIComponent(value)}`] : [];
  });
  if (kept.length === 0) return address;
  return `${address}${address.includes('?') ? '&' : '?'}${kept.join('&')}`;
}

/** What stands beside the page; it is in the address, so that Back and loading anew keep it. */
export function useSidePanel(): [SidePanel, (next: SidePanel) => void] {
  const [query, setQuery] = useSearchParams();
  const set = useCallback(
    (next: SidePanel) =>
      setQuery(() => {
        const then = currentQuery();
        NAMES.forEach((name) => then.delete(name));
        if (next.what === 'nod') then.set('nod', next.nod);
        else if (next.what !== 'list') then.set('panel', next.what);
        if (next.what === 'add' && next.spot) then.set('spot', next.spot);
        return then;
      }),
    [setQuery],
  );
  return [read(query), set];
}

/** The face of the opened nod that is seen, in the address too. */
export function useFaceSeen(faces: readonly string[]): [string, (face: string) => void] {
  const [query, setQuery] = useSearchParams();
  const named = query.get('face');
  const first = faces[0] ?? '';
  const set = (face: string) =>
    setQuery(
      () => {
        const then = currentQuery();
        if (face === first) then.delete('face');
        else then.set('face', face);
        return then;
      },
      { replace: true },
    );
  return [named && faces.includes(named) ? named : first, set];
}
