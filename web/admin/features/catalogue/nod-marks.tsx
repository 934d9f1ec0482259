import { DROP } from '../../ui/drop';
import { ofKind, type OfEachKind } from '../kinds/kind-name';

/** Our drawing for each kind of nod, in a field of 24 by 24. */
const OUTLINES: OfEachKind<string> = {
  'star-line':
    'M12 3.600l2.600 5.400 5.900.8-4.300 4.100 1.100 5.900L12 17l-5.300 2.800 1.100-5.900-4.300-4.100 5.900-.8z',
  'review-wall': 'M4 5h16v11H11l-4 4v-4H4zM7.500 9h9M7.500 12h6',
  'stock-line': 'M4 6h16v4H4zM6 10l1.500 9h9L18 10M10 13v3M14 13v3',
  'recent-orders': 'M3 10h18l-2 10H5zM8 10l4-6 4 6M10 13.500v3M14 13.500v3',
  'delivery-promise': 'M3 7h11v9H3zM14 10h4l3 3v3h-7zM7 18a2 2 0 1 0 .01 0M17 18a2 2 0 1 0 .01 0',
  'returns-line': 'M4 6h10a6 6 0 0 1 0 12H8M12 14l-4 4 4 4',
  'visitor-count':
    'M2.500 12c2.300-4 5.600-6 9.500-6s7.200 2 9.500 6c-2.300 4-5.600 6-9.500 6s-7.200-2-9.500-6zM12 9.500v5',
  countdown: 'M7 3h10M7 21h10M8 3c0 5 8 6 8 9s-8 4-8 9M16 3c0 5-8 6-8 9s8 4 8 9',
  'review-tab': 'M5 4h9v16H5zM14 8h5v8h-5z',
  'picked-quotes':
    'M5 12c0-4 2-6 5-6v3c-1.500 0-2 1-2 3h2v6H5zM14 12c0-4 2-6 5-6v3c-1.500 0-2 1-2 3h2v6h-5z',
  'price-drop-label': 'M4 6l6 6 3-3 7 7M20 10.500V16h-5.500',
  'bestseller-label': 'M4 17l6-6 3 3 7-8M14.500 6H20v5.500',
  'new-label':
    'M12 20v-8M12 13C12 9 9 6.500 4.500 6.500 4.500 10.500 7.500 13 12 13zM12 11.500C12 8 14.500 5 19.500 5c0 4.500-3 6.500-7.500 6.500',
  'low-stock-label':
    'M7 4h10M7 20h10M8.500 4c0 4 7 4.500 7 8s-7 4-7 8M15.500 4c0 4-7 4.500-7 8s7 4 7 8',
  'sold-out-label': 'M4 8l8-4 8 4v8.500l-8 4-8-4zM8 10l8 6M16 10l-8 6',
  'back-on-label': 'M5 6h14v13H5zM5 10h14M9 4v3M15 4v3M12 13v3',
  'own-label': 'M4 4h7.500l8.500 8.500-7 7L4.500 11.500zM8 8.200h.1',
  'trust-badges':
    'M12 3.500l7 2.500v5.500c0 4.500-3 7.500-7 9-4-1.500-7-4.500-7-9V6zM9 11.800l2.200 2.200 4-4.200',
};

/** A small drawing of a kind; its name stands beside it for those who hear the page. */
export function KindMark({ kind }: { kind: string }) {
  return (
    <svg
      viewBox="0 0 24 24"
      className="size-4 fill-none stroke-ink-2"
      strokeWidth="1.8"
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden
    >
      <path d={ofKind(OUTLINES, kind) ?? 'M5 5h14v14H5z'} />
    </svg>
  );
}

/** Shown: a filled drop; not here: a dashed one. */
export function StatusDrop({ shown }: { shown: boolean }) {
  return (
    <span
      aria-hidden
      className={`${DROP} size-4 border ${shown ? 'border-fern bg-fern' : 'border-dashed border-ink-2/60'}`}
    />
  );
}
