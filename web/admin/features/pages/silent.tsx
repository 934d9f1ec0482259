import { Link } from 'react-router';
import { Problem, type Schemas } from '../../shared/api';

interface SilentProps {
  check: Schemas['Checked'] | undefined;
  error: Error | null;
}

/** Why the shop's page says nothing in its frame, and how to mend it. */
export function Silent({ check, error }: SilentProps) {
  return (
    <div role="status" className="mb-3 rounded-xl bg-rust-soft px-4 py-2 text-rust-ink">
      <p>{reason(check, error)}</p>
      <p className="text-[13px]">
        Until it is mended you see a neutral page with the same nods.{' '}
        <Link to="/setup" className="underline">
          See how to connect
        </Link>
      </p>
    </div>
  );
}

function reason(check: SilentProps['check'], error: Error | null): string {
  if (error) {
    return `This page says nothing. ${error instanceof Problem ? error.message : ''}`;
  }
  if (!check) return 'This page says nothing yet; it is being looked at.';
  if (check.failure) return `This page could not be had: ${check.failure}`;
  if (check.otherKey)
    return `The script on this page has the key of another shop (data-shop="${check.otherKey}"). Setup has the line with yours.`;
  if (!check.hasScript)
    return 'The script is not on this page. Put the line from Setup before the page’s end.';
  if (check.framing)
    return `This page refuses to stand in a frame (it answers ${check.framing}). Let this address in: Content-Security-Policy: frame-ancestors 'self' ${window.location.origin}`;
  if (check.marks.length > 0) return `The script is there, but ${check.marks.join('; ')}.`;
  return 'The script is on this page but does not answer. Its address may be blocked in your browser.';
}
