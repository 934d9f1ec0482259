import { moment as shown } from '../shared/format';
import { t } from '../shared/t';

interface MomentsProps {
  /** what they are, where none changes or they cannot be told */
  note?: string | undefined;
  zone: string;
  moments: { at: string; words: string; isPicked?: boolean; onGo: () => void }[];
  isCut?: boolean | undefined;
  /** whether there is room for words in several lines */
  isRoomy?: boolean;
}

/** What changes by itself, and when, on one line of time; a moment that is picked is looked at. */
export function UpcomingChanges({ note, zone, moments, isCut, isRoomy = false }: MomentsProps) {
  return (
    <footer
      aria-label={t('ui.upcomingChanges.upcomingChanges')}
      className={`flex shrink-0 items-center gap-4 overflow-x-auto bg-dark px-5 text-[13px] text-on-dark ${isRoomy ? 'min-h-25' : 'min-h-16'}`}
    >
      <h2 className="w-28 shrink-0 text-[14px] leading-tight text-white">
        {t('ui.upcomingChanges.nextAutomaticChanges')}
      </h2>
      {note && <p>{note}</p>}
      <ol className="flex bg-[linear-gradient(var(--color-dark-line),var(--color-dark-line))] bg-[length:100%_2px] bg-[position:0_11px] bg-no-repeat">
        {moments.map(({ at, words, isPicked, onGo }) => (
          <li key={at} className="shrink-0">
            <button
              type="button"
              aria-pressed={isPicked}
              className={`group block px-4 pt-1.5 pb-1 text-center ${isRoomy ? 'w-54 leading-snug' : 'whitespace-nowrap'}`}
              onClick={onGo}
            >
              <span className="mx-auto block size-3 rounded-full border-2 border-on-dark bg-dark group-hover:bg-on-dark group-aria-pressed:border-saffron group-aria-pressed:bg-saffron" />
              <b className="mt-1 block text-white tabular-nums group-hover:underline">
                {shown(at, zone)}
              </b>
              <span className={isRoomy ? 'line-clamp-5 wrap-anywhere' : ''} title={words}>
                {words}
              </span>
            </button>
          </li>
        ))}
      </ol>
      {isCut && <p className="shrink-0">{t('ui.upcomingChanges.more')}</p>}
    </footer>
  );
}
