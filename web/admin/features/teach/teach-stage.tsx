import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { useKeys } from '../../shared/keys';
import { T, t } from '../../shared/t';
import { useFrames } from '../layout/frame-link';
import { useLesson } from '../layout/lesson-link';
import { useNameInAddress, usePreviewToken } from '../layout/queries';
import { shopPage, type Kind } from '../layout/viewpoint';
import type { Shop } from '../shop/queries';
import { useDraftSteps } from '../stage/draft-steps';
import { LivePage } from '../stage/live-page';
import { CardPanel } from './card-panel';
import { LandmarkPanel } from './landmark-panel';
import { OtherListings } from './other-listings';
import { useTeaching } from './use-teaching';

const LONGEST_SILENCE = 8000;

interface TeachStageProps {
  shop: Shop;
  kind: Kind;
  of: string | undefined;
  sentence: ReactNode;
}

/** The page with what is known of it drawn on it, and beside it what can be said of each. */
export function TeachStage({ shop, kind, of, sentence }: TeachStageProps) {
  const frames = useRef(new Map<string, HTMLIFrameElement>());
  const name = useNameInAddress(kind === 'product' ? of : undefined);
  const view = {
    kind,
    product: of,
    variant: undefined,
    screens: 'wide',
    country: undefined,
    language: undefined,
    moment: undefined,
  } as const;
  const page = shopPage(shop, view, name);
  const token = usePreviewToken();
  const { origin } = new URL(shop.address);
  const link = useFrames(origin, page, frames, () => undefined);
  const lesson = useLesson(origin, page, frames, link);
  const teaching = useTeaching(link, lesson);
  const { undo, redo } = useDraftSteps(() => undefined, link.refresh);
  useKeys({ z: undo, 'Shift+z': redo, Escape: teaching.stop }, [
    ['Z', t('pages.previewStage.undoBackToTheLast')],
    ['⇧ Z', t('pages.previewStage.redo')],
  ]);
  const isSilent = useSilence(!!lesson.taught);
  if (isLost(token)) return <Failure error={token.error} again={() => void token.refetch()} />;
  if (!token.data || !page) return <Loading />;
  const { taught } = lesson;
  const found = taught?.cards.filter(({ state }) => state === 'found').length ?? 0;
  const others = (taught?.cards.length ?? 0) - found;
  return (
    <>
      <h1 className="sr-only">{t('teach.title')}</h1>
      <div className="flex min-h-12 shrink-0 flex-wrap items-center gap-x-2 gap-y-1 border-b border-line bg-paper px-5 py-1.5 text-[15px] text-ink-2">
        {sentence}
        <span role="status" className="flex gap-2">
          {taught && kind !== 'product' && (
            <b className="rounded-lg bg-fern-soft px-3 py-0.5 text-fern-ink">
              <T id="teach.cardsFound" values={{ n: found }} />
            </b>
          )}
          {others > 0 && kind !== 'product' && (
            <b className="rounded-lg bg-rust-soft px-3 py-0.5 text-rust-ink">
              <T id="teach.notFound" values={{ n: others }} />
            </b>
          )}
        </span>
      </div>
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] grid-rows-[minmax(0,1fr)]">
        <section
          aria-label={t('teach.yourPage')}
          className="flex min-h-0 min-w-0 flex-col bg-ground px-5 pt-4"
        >
          {isSilent && (
            <p role="status" className="mb-3 rounded-xl bg-rust-soft px-4 py-2 text-rust-ink">
              <T
                id="teach.silent"
                values={{
                  link: (text) => (
                    <Link to="/setup/connect" className="underline">
                      {text}
                    </Link>
                  ),
                }}
              />
            </p>
          )}
          {teaching.wanted && (
            <p role="status" className="mb-3 rounded-xl bg-plum-soft px-4 py-2">
              {t('teach.pointing')}
            </p>
          )}
          <LivePage
            address={`${page}#${new URLSearchParams({ 'nodyes-preview': token.data.token }).toString()}`}
            shown={page.replace(/^https?:\/\//, '')}
            screens="wide"
            frames={frames}
            onScaled={link.scaled}
          />
        </section>
        <div className="min-h-0 min-w-0 overflow-y-auto p-4 pl-0">
          {kind === 'product' ? (
            <LandmarkPanel
              found={taught?.landmarks ?? []}
              spots={link.report?.spots ?? []}
              teaching={teaching}
            />
          ) : (
            <CardPanel lesson={lesson} teaching={teaching} />
          )}
        </div>
      </div>
      <OtherListings />
    </>
  );
}

/** Whether the page has not answered for long. */
function useSilence(isHeard: boolean): boolean {
  const [isLong, setLong] = useState(false);
  useEffect(() => {
    if (isHeard) return;
    const timer = setTimeout(() => setLong(true), LONGEST_SILENCE);
    return () => clearTimeout(timer);
  }, [isHeard]);
  return isLong && !isHeard;
}
