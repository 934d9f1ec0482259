import { Link } from 'react-router';
import { count } from '../../shared/words';
import { useFirstSteps } from './nod-queries';

/** The steps of a new shop as they truly stand, until all are done. */
export function FirstSteps() {
  const steps = useFirstSteps().data;
  if (!steps) return null;
  const all = [
    {
      done: !!steps.scriptSeenAt,
      text: 'The script is seen on a page',
      to: '/setup',
      act: 'Connect the shop',
    },
    {
      done: steps.products > 0,
      text: `${count(steps.products, 'product')} in`,
      to: '/catalogue/feeds',
      act: 'Bring products in',
    },
    {
      done: steps.publishedReviews > 0,
      text: `${count(steps.reviews, 'review')} in`,
      to: steps.reviews > 0 ? '/reviews' : '/reviews/bring-in',
      act:
        steps.reviews > 0
          ? `Look through ${count(steps.reviews, 'review')} and publish`
          : 'Bring reviews in',
    },
    {
      done: steps.nodsOn > 0,
      text: `${count(steps.nodsOn, 'nod')} placed`,
      to: '/pages',
      act: 'Place a nod',
    },
    {
      done: steps.publishedVersion > 0,
      text: 'Published',
      to: '/pages',
      act: 'Publish, at the top right',
    },
  ];
  if (all.every((step) => step.done)) return null;
  return (
    <ol
      aria-label="First steps"
      className="flex shrink-0 flex-wrap items-center gap-x-6 gap-y-1 border-b border-line bg-paper-2 px-5 py-2"
    >
      {all.map((step, index) => (
        <li key={step.act} className="flex items-center gap-2">
          <span
            role="img"
            aria-label={step.done ? 'done' : 'to do'}
            className={`grid size-5 place-items-center rounded-[50%_50%_50%_5px] text-[11px] font-bold ${step.done ? 'bg-fern text-white' : 'border border-dashed border-ink-2 text-ink-2'}`}
          >
            {step.done ? '✓' : index + 1}
          </span>
          {step.done ? (
            <span className="text-ink-2">{step.text}</span>
          ) : (
            <Link to={step.to} className="text-plum underline">
              {step.act}
            </Link>
          )}
        </li>
      ))}
    </ol>
  );
}
