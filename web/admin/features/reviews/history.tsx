import { moment } from '../../shared/words';
import { useShop } from '../setup/queries';
import { useHistory } from './edits';
import type { Reason } from './queries';
import { reasonText, STATES } from './words';

const DID: Record<string, string> = {
  REPLIED: 'replied',
  REPLY_REMOVED: 'removed the reply',
  FEATURED: 'featured it',
  FEATURED_NO_MORE: 'features it no more',
  CONTACTS_HIDDEN: 'hid the contact details',
  CONTACTS_SHOWN: 'showed the contact details again',
  NAME_SHOWN_AS: 'shows the name as',
  VARIANT_SHOWN_AS: 'shows the variant as',
};

/** What was done to a review, by whom, when and why. */
export function History({
  id,
  arrivedAt,
  source,
}: {
  id: number;
  arrivedAt: string;
  source: string | undefined;
}) {
  const history = useHistory(id);
  const zone = useShop().data?.zone ?? 'UTC';
  return (
    <section className="flex gap-4 border-b border-line py-2.5" aria-label="What was done">
      <h2 className="w-[118px] shrink-0 font-text text-[13px] font-semibold text-ink-2">
        What was done
      </h2>
      <ol className="min-w-0 flex-1 text-[13px]">
        <li>
          <time className="mr-2 text-ink-2">{moment(arrivedAt, zone)}</time>
          {source ? `came in with ${source}` : 'arrived'}
        </li>
        {history.data?.map((event, index) => (
          <li key={index} className={event.isUndone ? 'text-ink-2 line-through' : ''}>
            <time className="mr-2 text-ink-2">{moment(event.when, zone)}</time>
            <b className="font-semibold">{event.who}</b> {said(event.what, event.detail)}
          </li>
        ))}
      </ol>
    </section>
  );
}

function said(what: string, detail: string | undefined): string {
  const state = STATES.find((one) => one.value === what);
  if (what === 'LEFT_OUT') return `left it out: ${reasonText((detail ?? 'NOT_GIVEN') as Reason)}`;
  if (what === 'WAITING') return 'put it back among the waiting';
  if (what === 'SPAM') return 'put it among the spam';
  if (state) return `${state.text === 'published' ? 'published' : state.text} it`;
  if (what === 'NAME_SHOWN_AS') return `${DID[what]} ${detail ?? '‘a customer’'}`;
  if (what === 'VARIANT_SHOWN_AS') return `${DID[what]} ${detail ?? 'none'}`;
  return `${DID[what] ?? what}${what === 'REPLIED' && detail ? `: “${detail}”` : ''}`;
}
