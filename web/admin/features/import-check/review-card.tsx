import { Button } from '../../ui/button';
import { InlineSelect } from '../../ui/inline-select';
import { Stars } from '../../ui/stars';
import { Byline } from '../reviews/byline';
import { Flags } from '../reviews/flags';
import { HighlightedText } from '../reviews/highlighted-text';
import { ProsAndCons } from '../reviews/pros-and-cons';
import { ReviewPictures } from '../reviews/review-pictures';
import { Translation } from '../reviews/translation';
import { ShownAs } from '../reviews/shown-as';
import { ORIGIN, REASONS } from '../reviews/labels';
import type { Edit } from '../reviews/review-edits';
import type { Reason, ReviewLine } from '../reviews/queries';
import { ToldThere } from '../reviews/told-there';
import { T, t } from '../../shared/t';

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
export function ReviewCard(props: SortOneProps) {
  const { review, place, total, chosen, onEdit } = props;
  return (
    <section
      aria-label={t('import-check.reviewCard.theReview')}
      className="flex min-h-0 flex-1 flex-col overflow-hidden rounded-2xl border border-line bg-paper"
    >
      <div className="flex min-h-0 flex-1 gap-5 overflow-y-auto p-5">
        <ReviewPictures review={review} />
        <div className="min-w-0 flex-1">
          <header className="mb-2 flex flex-wrap items-center gap-x-2.5 gap-y-1 text-ink-2">
            <Stars value={review.stars} size={19} />
            <span>
              <Byline
                name={<ShownAs review={review} onPick={(form) => onEdit({ what: 'name', form })} />}
                review={review}
              />
            </span>
            <span className="flex-1" />
            <span className="text-[13px]">
              <T id="import-check.reviewCard.of" values={{ place, total }} />
            </span>
          </header>
          <div lang={review.language} className="mb-3 break-words">
            {review.title && <h2 className="mb-1 text-[18px] leading-snug">{review.title}</h2>}
            <p className="text-[17px] leading-relaxed whitespace-pre-line">
              <HighlightedText review={review} />
            </p>
            <ProsAndCons review={review} />
            <Translation review={review} />
          </div>
          <Flags review={review} onEdit={onEdit} onCopy={props.onCopy} />
          <dl>
            <Fact name={t('import-check.reviewCard.about')}>
              {review.productTitle}
              {review.variant && <span className="text-ink-2">, {review.variant}</span>}
            </Fact>
            <Fact name={ORIGIN[review.origin]}>
              {review.origin === 'VERIFIED'
                ? t('import-check.reviewCard.orderIncludesThisProduct', {
                    orderNumber: review.orderNumber ?? '',
                  })
                : t('import-check.reviewCard.shoppersSeePurchaseNotChecked')}
              <span className="block text-[13px] text-ink-2">
                <T
                  id="import-check.reviewCard.fromOriginalRating"
                  values={{
                    source: review.source,
                    line: review.sourceLine ?? 0,
                    givenRating: review.rawRating,
                  }}
                />
              </span>
              <ToldThere review={review} />
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
          <T
            id="import-check.reviewCard.keepK"
            values={{
              chosen,
              kbd: (chunks) => (
                <kbd className="rounded border border-white/50 px-1.5 text-[11px]" aria-hidden>
                  {chunks}
                </kbd>
              ),
            }}
          />
        </button>
        <Button hint="L" onClick={() => props.onLeave()}>
          {t('import-check.reviewCard.leaveOut', { chosen })}
        </Button>
        <span className="text-ink-2">
          <T
            id="import-check.reviewCard.becauseIt"
            values={{
              pick: (
                <InlineSelect<Reason>
                  label={t('import-check.reviewCard.reason')}
                  value={review.decisionReason ?? 'NOT_GIVEN'}
                  choices={[
                    { value: 'NOT_GIVEN', text: t('import-check.reviewCard.chooseAReason') },
                    ...REASONS,
                  ]}
                  onPick={(reason) => props.onLeave(reason === 'NOT_GIVEN' ? undefined : reason)}
                />
              ),
            }}
          />
        </span>
        <span className="flex-1 text-center text-[13px] text-ink-2 max-xl:hidden">
          {t('import-check.reviewCard.kAndLGoTo')}
        </span>
        <Button className="border-transparent!" hint="↑" onClick={() => props.onMove(-1)}>
          {t('import-check.reviewCard.previous')}
        </Button>
        <Button className="border-transparent!" hint="↓" onClick={() => props.onMove(1)}>
          {t('import-check.reviewCard.next')}
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
