import type { ReviewLine } from './queries';
import { T, t } from '../../shared/t';

/** A review's words, with contact details marked; struck through where shoppers do not read them. */
export function HighlightedText({ review }: { review: ReviewLine }) {
  const { text: words, contacts, isContactHidden } = review;
  if (!words) return <span className="text-ink-2">{t('reviews.highlightedText.noText')}</span>;
  const parts: { text: string; marked: boolean }[] = [];
  let end = 0;
  for (const detail of contacts) {
    parts.push({ text: words.slice(end, detail.from), marked: false });
    parts.push({ text: words.slice(detail.from, detail.to), marked: true });
    end = detail.to;
  }
  parts.push({ text: words.slice(end), marked: false });
  const text = parts.map((part, index) =>
    part.marked ? (
      <mark
        key={index}
        className={`rounded bg-rust-soft px-1 text-rust-ink ${isContactHidden ? 'line-through' : ''}`}
      >
        {part.text}
      </mark>
    ) : (
      part.text
    ),
  );
  return <T id="shared.format.quoted" values={{ text }} />;
}
