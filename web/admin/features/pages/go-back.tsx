import { useEffect, useRef, useState } from 'react';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { isLost } from '../../shared/api';
import { Pick } from '../../ui/pick';
import { useSay } from '../../ui/toasts';
import { moment } from '../../shared/words';
import {
  draftBack,
  intoDraft,
  useDraftAct,
  useKeptDrafts,
  useWouldChange,
  type Part,
} from './nod-queries';

const PARTS: { value: Part; text: string }[] = [
  { value: 'ALL', text: 'all of it' },
  { value: 'NODS', text: 'nods and looks, not delivery' },
  { value: 'DELIVERY', text: 'delivery, not the nods' },
];

interface GoBackProps {
  version: number;
  onTaken: (words: string, step: number) => void;
  onChanged: () => void;
  onDone: () => void;
}

/** A version, or a part of it, into the draft: in words what would change, and then the act. */
export function GoBack({ version, onTaken, onChanged, onDone }: GoBackProps) {
  const [part, setPart] = useState<Part>('ALL');
  const would = useWouldChange(version, part);
  const put = useDraftAct(intoDraft);
  const { say, sayProblem } = useSay();
  const changes = would.data?.changes ?? [];
  const box = useRef<HTMLElement>(null);
  const isTold = !!would.data;
  useEffect(() => {
    box.current?.scrollIntoView({ block: 'nearest' });
  }, [isTold]);
  return (
    <section
      ref={box}
      aria-label={`Go back to version ${version}`}
      className="mt-2 rounded-xl border border-line bg-paper px-3.5 py-3 text-[13px]"
    >
      <p className="flex flex-wrap items-center gap-1.5">
        Take
        <Pick label="What is taken" value={part} choices={PARTS} onPick={(one) => setPart(one)} />
        into your draft
      </p>
      {isLost(would) && <Failure error={would.error} again={() => void would.refetch()} />}
      {!would.data && !would.error && <Loading lines={2} />}
      {would.data && changes.length === 0 && (
        <p className="mt-1.5 text-ink-2">Your draft is like that already.</p>
      )}
      {changes.length > 0 && (
        <>
          <p className="mt-1.5 text-ink-2">In your draft:</p>
          <ul className="list-disc pl-5">
            {changes.map((change) => (
              <li key={change.text}>{change.text}</li>
            ))}
          </ul>
        </>
      )}
      <p className="mt-2 text-ink-2">
        Shoppers see nothing of it before you publish. The draft that you have now is kept, and can
        be had back here.
      </p>
      <p className="mt-2 flex gap-3">
        <Button
          look="inside"
          disabled={put.isPending || changes.length === 0}
          onClick={() =>
            put.mutate(
              { version, part },
              {
                onSuccess: (step) => {
                  onTaken(step.words, step.id);
                  say(`Version ${version} is in your draft. Look at it, then publish.`);
                  onChanged();
                  onDone();
                },
                onError: sayProblem,
              },
            )
          }
        >
          Put it into the draft
        </Button>
      </p>
    </section>
  );
}

interface KeptDraftsProps {
  zone: string;
  onTaken: (words: string, step: number) => void;
  onChanged: () => void;
}

/** Drafts that gave way to a version; each can be had back. */
export function KeptDrafts({ zone, onTaken, onChanged }: KeptDraftsProps) {
  const kept = useKeptDrafts();
  const back = useDraftAct(draftBack);
  const { say, sayProblem } = useSay();
  return (kept.data?.drafts ?? []).map((one) => (
    <li key={`draft ${one.id}`} className="border-l-3 border-transparent px-4 py-2.5">
      <b>Your draft of {moment(one.at, zone)}</b>
      <p className="text-[13px] text-ink-2">
        {one.words}, by {one.by}
      </p>
      <ul className="mt-1 text-[13px]">
        {one.changes.map((change) => (
          <li key={change.text}>{change.text}</li>
        ))}
        {one.changes.length === 0 && <li className="text-ink-2">as shoppers see it now</li>}
      </ul>
      <Button
        look="link"
        className="text-[13px]"
        disabled={back.isPending}
        onClick={() =>
          back.mutate(one.id, {
            onSuccess: (step) => {
              onTaken(step.words, step.id);
              say('That draft is yours again; the one before it is kept in its turn');
              onChanged();
            },
            onError: sayProblem,
          })
        }
      >
        Have it back
      </Button>
    </li>
  ));
}
