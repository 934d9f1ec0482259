import { Link } from 'react-router';

import { useOnboarding } from '../layout/nod-queries';
import { t } from '../../shared/t';

/** The steps of a new shop as they truly stand, until all are done. */
export function Onboarding() {
  const steps = useOnboarding().data;
  if (!steps) return null;
  const all = [
    {
      done: !!steps.scriptSeenAt,
      text: t('pages.onboarding.theScriptRunsOnYour'),
      to: '/setup/connect',
      act: t('pages.onboarding.connectYourShop'),
    },
    {
      done: steps.products > 0,
      text: t('pages.onboarding.productsImported', { products: steps.products }),
      to: '/catalogue/feeds',
      act: t('pages.onboarding.importProducts'),
    },
    {
      done: steps.publishedReviews > 0,
      text: t('pages.onboarding.reviewsImported', { reviews: steps.reviews }),
      to: steps.reviews > 0 ? '/reviews' : '/reviews/bring-in',
      act:
        steps.reviews > 0
          ? t('pages.onboarding.checkReviewsAndPublish', { reviews: steps.reviews })
          : t('pages.onboarding.importReviews'),
    },
    {
      done: steps.nodsOn > 0,
      text: t('pages.onboarding.nodsPlaced', { nodsOn: steps.nodsOn }),
      to: '/pages',
      act: t('pages.onboarding.placeANod'),
    },
    {
      done: steps.publishedVersion > 0,
      text: t('pages.onboarding.published'),
      to: '/pages',
      act: t('pages.onboarding.publishTopRight'),
    },
  ];
  if (all.every((step) => step.done)) return null;
  return (
    <ol
      aria-label={t('pages.onboarding.firstSteps')}
      className="flex shrink-0 flex-wrap items-center gap-x-6 gap-y-1 border-b border-line bg-paper-2 px-5 py-2"
    >
      {all.map((step, index) => (
        <li key={step.act} className="flex items-center gap-2">
          <span
            role="img"
            aria-label={step.done ? t('pages.onboarding.done') : t('pages.onboarding.toDo')}
            className={`w-4 text-center font-display font-bold ${step.done ? 'text-fern' : ''}`}
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
