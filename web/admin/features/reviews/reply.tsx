import type { Ref } from 'react';
import { Button } from '../../ui/button';
import { Stars } from '../../ui/stars';
import { useShop } from '../setup/queries';
import type { ReviewLine } from './queries';
import { useReplyDraft } from './reply-draft';

interface ReplyProps {
  review: ReviewLine;
  field: Ref<HTMLTextAreaElement>;
  onReply: (text: string) => void;
}

const LONGEST = 3000;

/** Answering in the shop's name, beside how shoppers will see it. */
export function Reply({ review, field, onReply }: ReplyProps) {
  const { text, type, trouble, again } = useReplyDraft(review.id, review.reply ?? '');
  const shop = useShop().data?.name ?? 'the shop';
  const changed = text.trim() !== (review.reply ?? '');
  return (
    <section className="grid grid-cols-2 gap-4 py-3" aria-label="Reply">
      <div>
        <label htmlFor="reply" className="text-[13px] font-semibold text-ink-2">
          Reply as {shop}
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
                  Try now
                </Button>
              )}
            </span>
          ) : (
            where(review.state === 'PUBLISHED', changed)
          )}
          <Button
            className="py-0.5! whitespace-nowrap"
            disabled={!changed}
            onClick={() => onReply(text)}
          >
            {text.trim() || !review.reply ? 'Send the reply' : 'Remove the reply'}
          </Button>
        </p>
      </div>
      <div>
        <p className="text-[13px] font-semibold text-ink-2">As shoppers will see it</p>
        <figure className="mt-1 rounded-xl border border-line-2 bg-white p-3 font-shop">
          <figcaption className="flex items-center gap-2 text-[13px]">
            <Stars value={review.stars} size={13} />
            <b>{review.reviewer ?? 'A customer'}</b>
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
  if (!isPublished) return 'kept as you type; goes out with the review';
  return isChanged ? 'kept as you type; shoppers see it when you send it' : 'as shoppers see it';
}
