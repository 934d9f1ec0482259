import { Link } from 'react-router';
import { Problem, type Schemas } from '../../shared/api';
import { T, t } from '../../shared/t';

interface SilentProps {
  check: Schemas['Checked'] | undefined;
  error: Error | null;
}

/** Why the shop's page says nothing in its frame, and how to mend it. */
export function PageStatus({ check, error }: SilentProps) {
  return (
    <div role="status" className="mb-3 rounded-xl bg-rust-soft px-4 py-2 text-rust-ink">
      <p>{reason(check, error)}</p>
      <p className="text-[13px]">
        <T
          id="pages.pageStatus.untilThisIsFixedYou"
          values={{
            link: (chunks) => (
              <Link to="/setup/connect" className="underline">
                {chunks}
              </Link>
            ),
          }}
        />
      </p>
    </div>
  );
}

function reason(check: SilentProps['check'], error: Error | null): string {
  if (error) {
    return t('pages.pageStatus.noAnswerFromThisPage', {
      error: error instanceof Problem ? error.message : '',
    });
  }
  if (!check) return t('pages.pageStatus.noAnswerFromThisPage2');
  if (check.failure) return t('pages.pageStatus.thisPageCouldNotBe', { failure: check.failure });
  if (check.otherKey)
    return t('pages.pageStatus.theScriptOnThisPage', { otherKey: check.otherKey });
  if (!check.hasScript) return t('pages.pageStatus.theScriptIsNotOn');
  if (check.framing)
    return t('pages.pageStatus.yourShopDoesNotAllow', {
      framing: check.framing,
      origin: window.location.origin,
    });
  if (check.marks.length > 0)
    return t('pages.pageStatus.theScriptIsThereBut', { join: check.marks.join(' ') });
  return t('pages.pageStatus.theScriptIsOnThis');
}
