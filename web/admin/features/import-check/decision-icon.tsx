import type { ImportDecision } from './queries';
import { t } from '../../shared/t';

const WORDS: Record<ImportDecision, string> = {
  ACCEPTED: t('import-check.decisionIcon.kept'),
  OPEN: t('import-check.decisionIcon.notCheckedYet'),
  LEFT_OUT: t('import-check.decisionIcon.leftOut'),
};
const DROP = 'M12 3c5 0 9 4 9 9s-4 9-9 9H4a1 1 0 0 1-1-1v-8c0-5 4-9 9-9z';

/** A filled drop is kept, an outline is not looked at, a dashed one with a dash is left out. */
export function DecisionIcon({ decision }: { decision: ImportDecision }) {
  return (
    <svg viewBox="0 0 24 24" role="img" aria-label={WORDS[decision]} className="size-[19px]">
      {decision === 'ACCEPTED' && (
        <>
          <path d={DROP} className="fill-fern" />
          <path d="m7.500 12.500 3 3 6-6.500" className="fill-none stroke-white stroke-[2.400]" />
        </>
      )}
      {decision === 'OPEN' && <path d={DROP} className="fill-none stroke-fern stroke-[1.400]" />}
      {decision === 'LEFT_OUT' && (
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
