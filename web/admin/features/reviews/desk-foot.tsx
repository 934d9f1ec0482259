import { Button } from '../../ui/button';
import { number } from '../../shared/words';
import type { ReviewState } from './queries';

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
export function DeskFoot(props: DeskFootProps) {
  const { chosen, last, page, pages, hasMore, onAct, onUndo, onPage } = props;
  return (
    <div className="flex h-[72px] shrink-0 flex-col justify-center gap-1.5 bg-plum-deep px-4 text-on-plum">
      <div className="flex items-center gap-2">
        {chosen > 0 ? (
          <>
            <b className="mr-1">{number(chosen)} chosen</b>
            <Button look="onPlum" className="py-0.5!" onClick={() => onAct('PUBLISHED')} hint="⇧P">
              Publish
            </Button>
            <Button look="onPlum" className="py-0.5!" onClick={() => onAct('HELD')} hint="⇧H">
              Hold
            </Button>
            <Button look="onPlum" className="py-0.5!" onClick={() => onAct('LEFT_OUT')} hint="⇧X">
              Leave out…
            </Button>
            <Button look="onPlum" className="py-0.5!" onClick={() => onAct('SPAM')} hint="⇧S">
              Spam
            </Button>
          </>
        ) : (
          <span className="text-[13px] text-on-plum-2">
            Arrows move, with ⇧ they choose several. P publishes, H holds, X leaves out, S spam, F
            features, R replies, / searches.
          </span>
        )}
      </div>
      <div className="flex items-center gap-2 text-[13px]" role="status">
        {last && (
          <>
            {last}.
            <button type="button" className="text-saffron underline" onClick={onUndo}>
              Take it back
            </button>
            <kbd className="rounded border border-[#8d6f90] px-1.5 text-[11px]">Z</kbd>
          </>
        )}
        <span className="flex-1" />
        {(hasMore || page > 1) && (
          <span className="flex items-center gap-2">
            <button
              type="button"
              className="underline disabled:no-underline disabled:opacity-60"
              disabled={page <= 1}
              onClick={() => onPage(page - 1)}
            >
              Newer
            </button>
            page {number(page)}
            {pages !== undefined && ` of ${number(pages)}`}
            <button
              type="button"
              className="underline disabled:no-underline disabled:opacity-60"
              disabled={!hasMore}
              onClick={() => onPage(page + 1)}
            >
              Older
            </button>
          </span>
        )}
      </div>
    </div>
  );
}
