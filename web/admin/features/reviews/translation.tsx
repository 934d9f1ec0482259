import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { InlineSelect } from '../../ui/inline-select';
import { api, need } from '../../shared/api';
import { language } from '../../shared/format';
import type { ReviewLine } from './queries';
import { T, t } from '../../shared/t';

const LANGUAGES = ['en', 'pt', 'de', 'es', 'fr', 'ja', 'ar'];
const MINE = document.documentElement.lang;

/** A review's words in another language, under the original and on request. */
export function Translation({ review }: { review: ReviewLine }) {
  const [to, setTo] = useState<string | undefined>();
  const from = review.language?.split('-')[0];
  const translated = useQuery({
    queryKey: ['translation', review.id, to],
    queryFn: () =>
      need(
        api.POST('/api/v1/reviews/{id}/translation', {
          params: { path: { id: review.id } },
          body: { to: to ?? MINE },
        }),
      ),
    enabled: to !== undefined,
    staleTime: Infinity,
    retry: false,
  });
  if (!review.text || !from) return null;
  if (to === undefined) {
    if (from === MINE) return null;
    return (
      <button
        type="button"
        className="mt-1 text-[13px] text-plum underline underline-offset-2"
        onClick={() => setTo(MINE)}
      >
        <T id="reviews.translation.translateTo" values={{ language: language(MINE) }} />
      </button>
    );
  }
  return (
    <div className="mt-2 border-l-2 border-line-2 pl-3 text-[14px] text-ink-2" aria-live="polite">
      <p className="flex items-center gap-2 text-[13px]">
        <T
          id="reviews.translation.machineTranslationHide"
          values={{
            pick: (
              <InlineSelect
                label={t('reviews.translation.translateTo2')}
                value={to}
                choices={LANGUAGES.filter((tag) => tag !== from).map((tag) => ({
                  value: tag,
                  text: language(tag),
                }))}
                onPick={setTo}
              />
            ),
            button: (chunks) => (
              <button type="button" className="underline" onClick={() => setTo(undefined)}>
                {chunks}
              </button>
            ),
          }}
        />
      </p>
      {translated.isPending && <p>{t('reviews.translation.translating')}</p>}
      {translated.error && <p className="text-rust-ink">{translated.error.message}</p>}
      {translated.data && (
        <p lang={to} className="whitespace-pre-line">
          {translated.data.title && <b>{translated.data.title}. </b>}
          {t('shared.format.quoted', { text: translated.data.words ?? '' })}
        </p>
      )}
    </div>
  );
}
