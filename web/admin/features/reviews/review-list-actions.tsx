import { Button } from '../../ui/button';

import type { ReviewState } from './queries';
import { T, t } from '../../shared/t';

interface DeskFootProps {
  chosen: number;
  last: string | undefined;
  page: number;
  /** Not known while the many are being counted. */
  pages: number | undefined;
  hasMore: boolean;
  onAct: (to: ReviewState) => void;
  onUndo: () => void;
  onPage: (page: number) => void;
}

/** Acts on the chosen ones, the last act with its undo, and the pages. */
export function ReviewListActions(props: DeskFootProps) {
  const { chosen, last, page, pages, hasMore, onAct, onUndo, onPage } = props;
  return (
    <div className="flex h-[72px] shrink-0 flex-col justify-center gap-1.5 bg-dark px-4 text-on-dark">
      <div className="flex items-center gap-2">
        {chosen > 0 ? (
          <>
            <b className="mr-1">
              <T id="reviews.reviewListActions.selected" values={{ chosen }} />
            </b>
            <Button look="onDark" className="py-0.5!" onClick={() => onAct('PUBLISHED')} hint="⇧P">
              {t('reviews.reviewListActions.publish')}
            </Button>
            <Button look="onDark" className="py-0.5!" onClick={() => onAct('ON_HOLD')} hint="⇧H">
              {t('reviews.reviewListActions.hold')}
            </Button>
            <Button look="onDark" className="py-0.5!" onClick={() => onAct('LEFT_OUT')} hint="⇧X">
              {t('reviews.reviewListActions.leaveOut')}
            </Button>
            <Button look="onDark" className="py-0.5!" onClick={() => onAct('SPAM')} hint="⇧S">
              {t('reviews.reviewListActions.spam')}
            </Button>
          </>
        ) : (
          <span className="text-[13px] text-on-dark-2">
            {t('reviews.reviewListActions.moveShiftSelectPPublish')}
          </span>
        )}
      </div>
      <div className="flex items-center gap-2 text-[13px]" role="status">
        {last && (
          <>
            {last}.
            <button type="button" className="text-saffron underline" onClick={onUndo}>
              {t('reviews.reviewListActions.undo')}
            </button>
            <kbd className="rounded border border-dark-line px-1.5 text-[11px]">
              {t('reviews.reviewListActions.z')}
            </kbd>
          </>
        )}
        <span className="flex-1" />
        {(hasMore || page > 1) && (
          <span className="flex items-center gap-2">
            <T
              id="reviews.reviewListActions.newerPageOlder"
              values={{
                button: (chunks) => (
                  <button
                    type="button"
                    className="underline disabled:no-underline disabled:opacity-60"
                    disabled={page <= 1}
                    onClick={() => onPage(page - 1)}
                  >
                    {chunks}
                  </button>
                ),
                page,
                isCounted: pages === undefined ? 'no' : 'yes',
                pages: pages ?? 0,
                button2: (chunks) => (
                  <button
                    type="button"
                    className="underline disabled:no-underline disabled:opacity-60"
                    disabled={!hasMore}
                    onClick={() => onPage(page + 1)}
                  >
                    {chunks}
                  </button>
                ),
              }}
            />
          </span>
        )}
      </div>
    </div>
  );
}
