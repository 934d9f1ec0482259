import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { Dialog } from '../../ui/dialog';
import { useDiagnosis, type DiagnosisQuery } from './nod-queries';
import { t } from '../../shared/t';

interface WhyProps {
  name: string;
  asked: DiagnosisQuery;
  onDone: () => void;
}

const MARK = {
  SO: { text: t('pages.diagnosis.ok'), style: 'bg-fern' },
  NOT_SO: { text: t('pages.diagnosis.missing'), style: 'border border-dashed border-rust' },
  UNKNOWN: { text: t('pages.diagnosis.notKnown'), style: 'border border-dashed border-ink-2' },
};

/** Whether shoppers get a nod on a page, and all that it needs for that. */
export function Diagnosis({ name, asked, onDone }: WhyProps) {
  const why = useDiagnosis(asked);
  return (
    <Dialog title={t('pages.diagnosis.checkTheLivePage', { name })} onDone={onDone}>
      {isLost(why) && <Failure error={why.error} again={() => void why.refetch()} />}
      {!why.error && !why.data && <Loading lines={4} />}
      {why.data && (
        <>
          <p
            className={`mt-2 rounded-xl px-4 py-2.5 ${why.data.shows ? 'bg-fern-soft text-fern-ink' : 'bg-rust-soft text-rust-ink'}`}
          >
            {why.data.answer}
          </p>
          <ul className="mt-3 flex flex-col gap-1.5">
            {why.data.needs.map((need, index) => (
              <li key={index} className="flex gap-2.5">
                <span
                  role="img"
                  aria-label={MARK[need.status].text}
                  className={`mt-1 size-3.5 shrink-0 rounded-[50%_50%_50%_2px] ${MARK[need.status].style}`}
                />
                <span>
                  {need.text} <span className="text-[13px] text-ink-2">({need.what})</span>
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </Dialog>
  );
}
