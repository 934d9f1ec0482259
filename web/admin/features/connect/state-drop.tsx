import { DROP } from '../../ui/drop';

const LOOKS = {
  fine: 'bg-fern',
  trouble: 'border-2 border-dashed border-rust',
  open: 'border border-line-3',
} as const;

/** How something stands, as a drop; the words beside it say the same. */
export function StateDrop({ state }: { state: keyof typeof LOOKS }) {
  return <span aria-hidden className={`${DROP} h-3 w-3 shrink-0 self-center ${LOOKS[state]}`} />;
}
