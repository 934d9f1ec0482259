import { Button } from '../../ui/button';
import { Flag } from '../../ui/flag';
import { t, T } from '../../shared/t';
import type { Taught } from '../layout/lesson-link';
import { useLearnedPages, type Landmark } from '../layout/nod-queries';
import { spotTitle } from '../layout/spots';
import type { Teaching } from './use-teaching';

const LANDMARKS: { landmark: Landmark; text: string }[] = [
  { landmark: 'TITLE', text: t('teach.landmark.title') },
  { landmark: 'PRICE', text: t('teach.landmark.price') },
  { landmark: 'BUY', text: t('teach.landmark.buy') },
  { landmark: 'PICTURE', text: t('teach.landmark.picture') },
  { landmark: 'DESCRIPTION', text: t('teach.landmark.description') },
  { landmark: 'VARIANT', text: t('teach.landmark.variant') },
];

interface PanelProps {
  found: Taught['landmarks'];
  spots: string[];
  teaching: Teaching;
}

/** What of a product's page nods stand beside: found by itself, or pointed at once for all of them. */
export function LandmarkPanel({ found, spots, teaching }: PanelProps) {
  const learned = useLearnedPages().data?.landmarks ?? {};
  return (
    <section
      aria-labelledby="what-is-where"
      className="flex flex-col gap-3 rounded-2xl border border-line bg-paper p-5"
    >
      <h2 id="what-is-where" className="text-lg">
        {t('teach.landmark.whatIsWhere')}
      </h2>
      <p className="text-ink-2">{t('teach.landmark.pointOnce')}</p>
      <ul>
        {LANDMARKS.map(({ landmark, text }) => {
          const n = found.findIndex((one) => one.landmark === landmark);
          const isPointed = landmark in learned;
          return (
            <li key={landmark} className="flex items-start gap-3 border-t border-line py-2.5">
              <span className="w-7 shrink-0 pt-0.5">
                {n >= 0 && <Flag n={n + 1} isPicked={isPointed} />}
              </span>
              <span className="min-w-0 flex-1">
                <b className="block">{text}</b>
                <span className="block text-[13px] break-words text-ink-2">
                  {n >= 0
                    ? found[n]?.text || t('teach.landmark.there')
                    : isPointed
                      ? t('teach.landmark.pointed')
                      : landmark === 'VARIANT'
                        ? t('teach.landmark.variantByPage')
                        : t('teach.landmark.notFound')}
                </span>
              </span>
              <Button
                disabled={teaching.isBusy}
                aria-label={`${t('teach.landmark.point')}: ${text}`}
                onClick={() => teaching.point(landmark)}
              >
                {t('teach.landmark.point')}
              </Button>
              {isPointed && (
                <Button
                  look="link"
                  className="self-center"
                  disabled={teaching.isBusy}
                  aria-label={`${t('teach.panel.forgetIt')}: ${text}`}
                  onClick={() => teaching.forget(landmark)}
                >
                  {t('teach.panel.forgetIt')}
                </Button>
              )}
            </li>
          );
        })}
      </ul>
      <div className="border-t border-line pt-3">
        <b>
          <T id="teach.landmark.so" values={{ n: spots.length }} />
        </b>
        <p className="mt-1 text-[13px] text-ink-2">{spots.map(spotTitle).join(' · ')}</p>
      </div>
    </section>
  );
}
