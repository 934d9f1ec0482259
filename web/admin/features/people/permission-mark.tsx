import { DROP } from '../../ui/drop';
import { t } from '../../shared/t';

/** A drop: filled for yes, outlined for what is yet to come, and a stroke for no. */
export function PermissionMark({
  is,
  later = t('people.permissionMark.onceTheInvitationIsAccepted'),
}: {
  is: 'yes' | 'later' | 'no';
  later?: string;
}) {
  if (is === 'no') {
    return (
      <span>
        <span aria-hidden className="text-ink-2">
          –
        </span>
        <span className="sr-only">{t('people.permissionMark.no')}</span>
      </span>
    );
  }
  const filled = is === 'yes' ? 'bg-fern' : '';
  return (
    <span>
      <span aria-hidden className={`${DROP} size-3 border-[1.5px] border-fern ${filled}`} />
      <span className="sr-only">{is === 'yes' ? t('people.permissionMark.yes') : later}</span>
    </span>
  );
}
