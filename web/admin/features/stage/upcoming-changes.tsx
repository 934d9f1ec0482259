import { UpcomingChanges } from '../../ui/upcoming-changes';
import { usePageChanges } from '../layout/queries';
import { t } from '../../shared/t';

interface MomentsStripProps {
  kind: string;
  products: string[];
  as: Record<string, string>;
  moment: string | undefined;
  onGo: (moment: string) => void;
}

const NAMED = 2;

type Changes = NonNullable<ReturnType<typeof usePageChanges>['data']>['moments'][number]['changes'];

/** What changes on the page by itself, and when; a moment that is picked is looked at. */
export function UpcomingChangesStrip({ kind, products, as, moment, onGo }: MomentsStripProps) {
  const moments = usePageChanges(kind, products, as);
  const found = moments.data;
  return (
    <UpcomingChanges
      note={
        moments.error
          ? t('pages.upcomingChanges.upcomingChangesCouldNotBe')
          : found?.moments.length === 0
            ? t('pages.upcomingChanges.noAutomaticChangesOnThis')
            : undefined
      }
      zone={found?.zone ?? 'UTC'}
      moments={(found?.moments ?? []).map((one) => ({
        at: one.instant,
        words: told(one.changes),
        isPicked: one.shopTime === moment,
        onGo: () => onGo(one.shopTime),
      }))}
      isCut={found?.isCut}
    />
  );
}

/** Star line appears. Review wall disappears. 3 more changes. */
function told(changes: Changes): string {
  const parts = [
    ...new Set(
      changes.map((one) => t('pages.upcomingChanges.change', { what: one.what, name: one.name })),
    ),
  ];
  const rest = parts.length - NAMED;
  return t('pages.upcomingChanges.andMoreChanges', {
    changes: parts.slice(0, NAMED).join('. '),
    rest: Math.max(0, rest),
  });
}
