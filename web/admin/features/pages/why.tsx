import { Dialog } from 'radix-ui';
import { Failure, Loading } from '../../ui/empty';
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
    <Dialog.Root modal={false} open onOpenChange={(open) => !open && onDone()}>
      <Dialog.Portal>
        <div className="fixed inset-0 z-40 bg-plum-deep/40" onClick={onDone} />
        <Dialog.Content
          className="fixed top-24 left-1/2 z-50 w-[34rem] max-w-[92vw] -translate-x-1/2 rounded-2xl border border-line-2 bg-paper p-6"
          aria-describedby={undefined}
        >
          <Dialog.Title className="text-[19px]">{name}: do shoppers get it here?</Dialog.Title>
          {why.error && <Failure error={why.error} again={() => void why.refetch()} />}
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
          <Dialog.Close className="mt-4 rounded-lg border border-line-3 px-3.5 py-1.5 hover:bg-paper-2">
            Close
          </Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
