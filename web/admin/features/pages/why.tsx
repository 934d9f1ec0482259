import { Failure, Loading } from '../../ui/empty';
import { isLost } from '../../shared/api';
import { Over } from '../../ui/over';
import { useWhy, type WhyAsked } from './nod-queries';

interface WhyProps {
  name: string;
  asked: WhyAsked;
  onDone: () => void;
}

const MARK = {
  SO: { text: 'so', style: 'bg-fern' },
  NOT_SO: { text: 'not so', style: 'border border-dashed border-rust' },
  UNKNOWN: { text: 'unknown', style: 'border border-dashed border-ink-2' },
};

/** Whether shoppers get a nod on a page, and all that it needs for that. */
export function Why({ name, asked, onDone }: WhyProps) {
  const why = useWhy(asked);
  return (
    <Over title={`${name}: do shoppers get it here?`} onDone={onDone}>
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
                  aria-label={MARK[need.standing].text}
                  className={`mt-1 size-3.5 shrink-0 rounded-[50%_50%_50%_2px] ${MARK[need.standing].style}`}
                />
                <span>
                  {need.text} <span className="text-[13px] text-ink-2">({need.what})</span>
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </Over>
  );
}
