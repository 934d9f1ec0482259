import type { Sorted } from './queries';

const WORDS: Record<Sorted, string> = {
  KEPT: 'kept',
  OPEN: 'kept, not looked at yet',
  LEFT_OUT: 'left out',
};
const DROP = 'M12 3c5 0 9 4 9 9s-4 9-9 9H4a1 1 0 0 1-1-1v-8c0-5 4-9 9-9z';

/** A filled drop is kept, an outline is not looked at, a dashed one with a dash is left out. */
export function SortMark({ sorted }: { sorted: Sorted }) {
  return (
    <svg viewBox="0 0 24 24" role="img" aria-label={WORDS[sorted]} className="size-[19px]">
      {sorted === 'KEPT' && (
        <>
          <path d={DROP} className="fill-fern" />
          <path d="m7.500 12.500 3 3 6-6.500" className="fill-none stroke-white stroke-[2.400]" />
        </>
      )}
      {sorted === 'OPEN' && <path d={DROP} className="fill-none stroke-fern stroke-[1.400]" />}
      {sorted === 'LEFT_OUT' && (
        <>
          <path
            d={DROP}
            className="fill-none stroke-ink-2 stroke-[1.600]"
            strokeDasharray="3 2.500"
          />
          <path d="M8 12h8" className="stroke-ink stroke-[2.400]" />
        </>
      )}
    </svg>
  );
}
