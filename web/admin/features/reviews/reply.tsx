import type { Ref } from 'react';
import { Button } from '../../ui/button';
import { Stars } from '../../ui/stars';
import { useShop } from '../shop/queries';
import type { ReviewLine } from './queries';
import { useReplyDraft } from './reply-draft';
import { T, t } from '../../shared/t';

interface ReplyProps {
  review: ReviewLine;
  field: Ref<HTMLTextAreaElement>;
  onReply: (text: string) => void;
}

const LONGEST = 3000;

/** Answering in the shop's name, beside how shoppers will see it. */
export function Reply({ review, field, onReply }: ReplyProps) {
  const { text, type, trouble, again } = useReplyDraft(review.id, review.reply ?? '');
  const shop = useShop().data?.name ?? t('reviews.reply.yourShop');
  const changed = text.trim() !== (review.reply ?? '');
  return (
    <section className="grid grid-cols-2 gap-4 py-3" aria-label={t('reviews.reply.reply')}>
      <div>
        <label htmlFor="reply" className="text-[13px] font-semibold text-ink-2">
          <T id="reviews.reply.replyAs" values={{ shop }} />
        </label>
        <textarea
          id="reply"
          ref={field}
          rows={4}
          maxLength={LONGEST}
          className="mt-1 w-full rounded-lg border border-line-3 bg-white px-3 py-2"
          value={text}
          onChange={(event) => type(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && (event.ctrlKey || event.metaKey) && changed) onReply(text);
            if (event.key === 'Escape') event.currentTarget.blur();
          }}
        />
        <p className="mt-1 flex items-center justify-between text-[13px] text-ink-2">
          {trouble ? (
            <span role="alert" className="text-rust-ink">
              {trouble}{' '}
              {again && (
                <Button look="link" onClick={again}>
                  {t('reviews.reply.tryNow')}
                </Button>
              )}
            </span>
          ) : (
            where(review.status === 'PUBLISHED', changed)
          )}
          <Button
            className="py-0.5! whitespace-nowrap"
            disabled={!changed}
            onClick={() => onReply(text)}
          >
            {text.trim() || !review.reply
              ? t('reviews.reply.publishReply')
              : t('reviews.reply.removeReply')}
          </Button>
        </p>
      </div>
      <div>
        <p className="text-[13px] font-semibold text-ink-2">{t('reviews.reply.preview')}</p>
        <figure className="mt-1 rounded-xl border border-line-2 bg-white p-3 font-shop">
          <figcaption className="flex items-center gap-2 text-[13px]">
            <Stars value={review.stars} size={13} />
            <b>{review.reviewer ?? t('reviews.reply.anonymous')}</b>
          </figcaption>
          <p lang={review.language} className="line-clamp-2 text-[14px]">
            {review.wordsShown ?? ''}
          </p>
          {text.trim() && (
            <p className="mt-2 border-l-2 border-fern bg-fern-soft/50 px-2.5 py-1.5 text-[14px] whitespace-pre-line">
              <b>{shop}:</b> {text.trim()}
            </p>
          )}
        </figure>
      </div>
    </section>
  );
}

function where(isPublished: boolean, isChanged: boolean): string {
  if (!isPublished) return t('reviews.reply.savedAsYouTypePublished');
  return isChanged ? t('reviews.reply.savedAsYouTypeShoppers') : t('reviews.reply.asShoppersSeeIt');
}
