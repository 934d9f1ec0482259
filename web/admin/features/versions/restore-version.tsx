import { useEffect, useRef, useState } from 'react';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { InlineSelect } from '../../ui/inline-select';
import { useNotify } from '../../ui/toasts';
import { moment } from '../../shared/format';
import {
  restoreDraft,
  copyToDraft,
  useDraftAct,
  useReplacedDrafts,
  useWouldChange,
  type Part,
} from '../layout/nod-queries';
import { T, t } from '../../shared/t';

const PARTS: { value: Part; text: string }[] = [
  { value: 'ALL', text: t('pages.restoreVersion.allOfIt') },
  { value: 'NODS', text: t('pages.restoreVersion.nodsAndStylesNotDelivery') },
  { value: 'DELIVERY', text: t('pages.restoreVersion.deliveryNotNods') },
];

interface GoBackProps {
  version: number;
  onTaken: (words: string, step: number) => void;
  onChanged: () => void;
  onDone: () => void;
}

/** A version, or a part of it, into the draft: in words what would change, and then the act. */
export function RestoreVersion({ version, onTaken, onChanged, onDone }: GoBackProps) {
  const [part, setPart] = useState<Part>('ALL');
  const would = useWouldChange(version, part);
  const put = useDraftAct(copyToDraft);
  const { say, sayProblem } = useNotify();
  const changes = would.data?.changes ?? [];
  const box = useRef<HTMLElement>(null);
  const isTold = !!would.data;
  useEffect(() => {
    box.current?.scrollIntoView({ block: 'nearest' });
  }, [isTold]);
  return (
    <section
      ref={box}
      aria-label={t('pages.restoreVersion.restoreVersion', { version })}
      className="mt-2 rounded-xl border border-line bg-paper px-3.5 py-3 text-[13px]"
    >
      <p className="flex flex-wrap items-center gap-1.5">
        <T
          id="pages.restoreVersion.copyToYourDraft"
          values={{
            pick: (
              <InlineSelect
                label={t('pages.restoreVersion.whatToRestore')}
                value={part}
                choices={PARTS}
                onPick={(one) => setPart(one)}
              />
            ),
          }}
        />
      </p>
      {isLost(would) && <Failure error={would.error} again={() => void would.refetch()} />}
      {!would.data && !would.error && <Loading lines={2} />}
      {would.data && changes.length === 0 && (
        <p className="mt-1.5 text-ink-2">{t('pages.restoreVersion.nothingToChangeYourDraft')}</p>
      )}
      {changes.length > 0 && (
        <>
          <p className="mt-1.5 text-ink-2">{t('pages.restoreVersion.changesInYourDraft')}</p>
          <ul className="list-disc pl-5">
            {changes.map((change) => (
              <li key={change.text}>{change.text}</li>
            ))}
          </ul>
        </>
      )}
      <p className="mt-2 text-ink-2">{t('pages.restoreVersion.shoppersSeeNoChangeUntil')}</p>
      <p className="mt-2 flex gap-3">
        <Button
          look="inside"
          disabled={put.isPending || changes.length === 0}
          onClick={() =>
            put.mutate(
              { version, part },
              {
                onSuccess: (step) => {
                  onTaken(step.message, step.id);
                  say(t('pages.restoreVersion.versionIsNowInYour', { version }));
                  onChanged();
                  onDone();
                },
                onError: sayProblem,
              },
            )
          }
        >
          {t('pages.restoreVersion.copyToDraft')}
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
export function ReplacedDrafts({ zone, onTaken, onChanged }: KeptDraftsProps) {
  const kept = useReplacedDrafts();
  const back = useDraftAct(restoreDraft);
  const { say, sayProblem } = useNotify();
  return (kept.data?.drafts ?? []).map((one) => (
    <li key={`draft ${one.id}`} className="border-l-3 border-transparent px-4 py-2.5">
      <b>
        <T id="pages.restoreVersion.yourDraftOf" values={{ at: moment(one.at, zone) }} />
      </b>
      <p className="text-[13px] text-ink-2">
        <T id="pages.restoreVersion.by" values={{ words: one.message, by: one.by }} />
      </p>
      <ul className="mt-1 text-[13px]">
        {one.changes.map((change) => (
          <li key={change.text}>{change.text}</li>
        ))}
        {one.changes.length === 0 && (
          <li className="text-ink-2">{t('pages.restoreVersion.sameAsLiveNow')}</li>
        )}
      </ul>
      <Button
        look="link"
        className="text-[13px]"
        disabled={back.isPending}
        onClick={() =>
          back.mutate(one.id, {
            onSuccess: (step) => {
              onTaken(step.message, step.id);
              say(t('pages.restoreVersion.draftRestoredThePreviousDraft'));
              onChanged();
            },
            onError: sayProblem,
          })
        }
      >
        {t('pages.restoreVersion.restoreDraft')}
      </Button>
    </li>
  ));
}
