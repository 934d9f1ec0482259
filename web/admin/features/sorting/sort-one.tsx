import { Button } from '../../ui/button';
import { Pick } from '../../ui/pick';
import { Stars } from '../../ui/stars';
import { country, day, number } from '../../shared/words';
import { Checks } from '../reviews/checks';
import { MarkedWords } from '../reviews/marked-words';
import { ReviewPictures } from '../reviews/review-pictures';
import { Translation } from '../reviews/translation';
import { ShownAs } from '../reviews/shown-as';
import { ORIGIN, REASONS } from '../reviews/words';
import type { Edit } from '../reviews/edits';
import type { Reason, ReviewLine } from '../reviews/queries';

interface SortOneProps {
  review: ReviewLine;
  place: number;
  total: number;
  chosen: number;
  onKeep: () => void;
  onLeave: (reason?: Reason) => void;
  onMove: (by: number) => void;
  onEdit: (edit: Edit) => void;
  onCopy: (keep: 'BOTH' | 'OLDER' | 'THIS', older: number) => void;
}

/** The review in focus, what there is to check in it, and keeping it or leaving it out. */
export function SortOne(props: SortOneProps) {
  const { review, place, total, chosen, onEdit } = props;
  return (
    <section
      aria-label="The review"
      className="flex min-h-0 flex-1 flex-col overflow-hidden rounded-2xl border border-line bg-paper"
    >
      <div className="flex min-h-0 flex-1 gap-5 overflow-y-auto p-5">
        <ReviewPictures review={review} />
        <div className="min-w-0 flex-1">
          <header className="mb-2 flex flex-wrap items-center gap-x-2.5 gap-y-1 text-ink-2">
            <Stars value={review.stars} size={19} />
            <span>
              <ShownAs review={review} onPick={(form) => onEdit({ what: 'name', form })} />
              {review.country && ` from ${country(review.country)}`}
              {review.writtenOn && `, ${day(review.writtenOn)}`}
            </span>
            <span className="flex-1" />
            <span className="text-[13px]">
              {number(place)} of {number(total)}
            </span>
          </header>
          <div lang={review.language} className="mb-3 break-words">
            {review.title && <h2 className="mb-1 text-[18px] leading-snug">{review.title}</h2>}
            <p className="text-[17px] leading-relaxed whitespace-pre-line">
              <MarkedWords review={review} />
            </p>
            <Translation review={review} />
          </div>
          <Checks review={review} onEdit={onEdit} onCopy={props.onCopy} />
          <dl>
            <Fact name="about">
              {review.productTitle}
              {review.variant && <span className="text-ink-2">, {review.variant}</span>}
            </Fact>
            <Fact name={ORIGIN[review.origin]}>
              {review.origin === 'VERIFIED'
                ? `Order ${review.orderNumber} holds this product`
                : 'The purchase was not checked, and shoppers are told so'}
              <span className="block text-[13px] text-ink-2">
                {review.source}
                {review.sourceLine !== undefined && `, line ${number(review.sourceLine)}`}, where
                the rating reads {review.givenRating}
              </span>
            </Fact>
          </dl>
        </div>
      </div>
      <footer className="flex shrink-0 flex-wrap items-center gap-2.5 border-t border-line bg-paper-2 px-5 py-3">
        <button
          type="button"
          className="inline-flex items-center gap-2 rounded-lg bg-fern px-3.5 py-1.5 font-semibold text-white hover:bg-fern-ink"
          onClick={props.onKeep}
        >
          Keep {chosen > 1 && `these ${number(chosen)}`}
          <kbd className="rounded border border-white/50 px-1.5 text-[11px]" aria-hidden>
            K
          </kbd>
        </button>
        <Button hint="X" onClick={() => props.onLeave()}>
          Leave out {chosen > 1 && `these ${number(chosen)}`}
        </Button>
        <span className="text-ink-2">
          because{' '}
          <Pick<Reason>
            label="Why it is left out"
            value={review.sortedBecause ?? 'NOT_GIVEN'}
            choices={[{ value: 'NOT_GIVEN', text: 'give a reason' }, ...REASONS]}
            onPick={(reason) => props.onLeave(reason === 'NOT_GIVEN' ? undefined : reason)}
          />
        </span>
        <span className="flex-1 text-center text-[13px] text-ink-2 max-xl:hidden">
          K and X go on to the next
        </span>
        <Button className="border-transparent!" hint="↑" onClick={() => props.onMove(-1)}>
          Back
        </Button>
        <Button className="border-transparent!" hint="↓" onClick={() => props.onMove(1)}>
          Next
        </Button>
      </footer>
    </section>
  );
}

function Fact({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <div className="grid grid-cols-[88px_minmax(0,1fr)] items-baseline gap-3 border-b border-line py-2">
      <dt className="justify-self-start rounded-full border border-line-2 bg-paper-2 px-2.5 py-0.5 text-[13px] font-medium">
        {name}
      </dt>
      <dd>{children}</dd>
    </div>
  );
}
