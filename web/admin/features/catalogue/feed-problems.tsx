import { number } from '../../shared/format';
import { t } from '../../shared/t';
import type { FeedLook } from './feed-look-queries';
import { OrderStatuses } from './order-statuses';
import { UnknownProducts } from './said-products';
import { unknownProducts } from './unknown-products';
import { unknownStatuses } from './unknown-statuses';

interface FeedProblemsProps {
  trial: NonNullable<FeedLook['trial']>;
  isOfOrders: boolean;
}

/** What of a file can't be read, with the line, the value and why. */
export function FeedProblems({ trial, isOfOrders }: FeedProblemsProps) {
  const { problems, wrong } = trial;
  return (
    <section aria-labelledby="feed-problems">
      <h2 id="feed-problems" className="text-lg">
        {t('catalogue.feedLook.problems', { wrong })}
      </h2>
      <OrderStatuses words={unknownStatuses(problems)} isRead={false} />
      {isOfOrders && <UnknownProducts names={unknownProducts(problems)} isRead={false} />}
      <ul className="mt-1 max-h-80 overflow-y-auto" tabIndex={problems.length > 5 ? 0 : undefined}>
        {problems.map((problem, index) => (
          <li
            key={index}
            className="grid grid-cols-[3rem_1fr] gap-x-2 border-b border-line/70 py-1.5 text-[13px] last:border-0"
          >
            <span className="text-ink-2 tabular-nums">{number(problem.line)}</span>
            <span className="min-w-0 [overflow-wrap:anywhere]">
              {problem.value && <b className="font-semibold text-rust-ink">{problem.value} </b>}
              <span className="text-ink-2">{problem.reason}</span>
            </span>
          </li>
        ))}
      </ul>
      {wrong > problems.length && (
        <p className="mt-1 text-[13px] text-ink-2">
          {t('catalogue.feedLook.more', { n: wrong - problems.length })}
        </p>
      )}
    </section>
  );
}
