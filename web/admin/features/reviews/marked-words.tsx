import type { ReviewLine } from './queries';

/** A review's words, with contact details marked; struck through where shoppers do not read them. */
export function MarkedWords({ review }: { review: ReviewLine }) {
  const { words, contacts, isContactHidden } = review;
  if (!words) return <span className="text-ink-2">No words.</span>;
  const parts: { text: string; marked: boolean }[] = [];
  let end = 0;
  for (const detail of contacts) {
    parts.push({ text: words.slice(end, detail.from), marked: false });
    parts.push({ text: words.slice(detail.from, detail.to), marked: true });
    end = detail.to;
  }
  parts.push({ text: words.slice(end), marked: false });
  return (
    <>
      “
      {parts.map((part, index) =>
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
      )}
      ”
    </>
  );
}
