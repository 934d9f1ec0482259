import { Button } from '../../ui/button';
import { InlineSelect, type Choice } from '../../ui/inline-select';
import type { Schemas } from '../../shared/api';
import { language } from '../../shared/format';
import { useCategories } from '../layout/queries';
import { T, t } from '../../shared/t';

type Criterion = Schemas['FormSet']['criteria'][number];

const LANGUAGES = ['en', 'pt', 'de', 'es', 'fr', 'ja', 'ar'];

interface DetailedRatingsProps {
  criteria: Criterion[];
  /** what is wrong with a line, counted from one */
  faultOf: (line: number) => string | undefined;
  onSet: (criteria: Criterion[]) => void;
}

/** The single things, each with its names and the category it is for. */
export function DetailedRatings({ criteria, faultOf, onSet }: DetailedRatingsProps) {
  const categories = useCategories();
  const choices: Choice<string>[] = [
    { value: '', text: t('setup.reviewForm.allProducts') },
    ...categories,
  ];
  const put = (at: number, change: Partial<Criterion>) =>
    onSet(criteria.map((one, n) => (n === at ? { ...one, ...change } : one)));
  return (
    <fieldset className="mt-4">
      <legend className="font-semibold">{t('setup.reviewForm.detailedRatings2')}</legend>
      <ul className="flex flex-col gap-2">
        {criteria.map((one, at) => (
          <li key={at} className="flex flex-wrap items-baseline gap-2 border-b border-line py-1.5">
            {LANGUAGES.slice(0, 2)
              .concat(Object.keys(one.names).filter((code) => !['en', 'pt'].includes(code)))
              .map((code) => (
                <label key={code} className="flex items-baseline gap-1 text-[13px] text-ink-2">
                  {language(code)}
                  <input
                    value={one.names[code] ?? ''}
                    aria-label={t('setup.reviewForm.nameIn', {
                      at: at + 1,
                      code: language(code),
                    })}
                    dir="auto"
                    className="w-40 rounded-lg border border-line-3 bg-white px-2 py-1 text-[14px] text-ink"
                    onChange={(event) =>
                      put(at, { names: { ...one.names, [code]: event.target.value } })
                    }
                  />
                </label>
              ))}
            <InlineSelect
              label={t('setup.reviewForm.addALanguageForRating', { at: at + 1 })}
              value=""
              choices={[
                { value: '', text: t('setup.reviewForm.addALanguage') },
                ...LANGUAGES.filter(
                  (code) => !(code in one.names) && !['en', 'pt'].includes(code),
                ).map((code) => ({ value: code, text: language(code) })),
              ]}
              onPick={(code) => code && put(at, { names: { ...one.names, [code]: '' } })}
            />
            <span className="text-ink-2">{t('setup.reviewForm.askedFor')}</span>
            <InlineSelect
              label={t('setup.reviewForm.productsWithRating', { at: at + 1 })}
              value={one.category ?? ''}
              choices={choices}
              onPick={(category) => {
                const rest = { ...one };
                delete rest.category;
                onSet(
                  criteria.map((other, n) =>
                    n === at ? (category ? { ...rest, category } : rest) : other,
                  ),
                );
              }}
            />
            <span className="flex-1" />
            <Button
              look="link"
              disabled={at === 0}
              onClick={() => {
                const next = [...criteria];
                next.splice(at - 1, 0, ...next.splice(at, 1));
                onSet(next);
              }}
            >
              {t('setup.reviewForm.moveUp')}
            </Button>
            <Button look="link" onClick={() => onSet(criteria.filter((_, n) => n !== at))}>
              {t('setup.reviewForm.remove')}
            </Button>
            {faultOf(at + 1) && (
              <p role="alert" className="w-full text-[13px] text-rust-ink">
                <T id="setup.reviewForm.thisRating" values={{ text: faultOf(at + 1) }} />
              </p>
            )}
          </li>
        ))}
      </ul>
      <p className="mt-2 flex items-baseline gap-3 text-[13px] text-ink-2">
        <Button
          disabled={criteria.length >= 12}
          onClick={() => onSet([...criteria, { id: 0, names: {} }])}
        >
          {t('setup.reviewForm.addARating')}
        </Button>
        {t('setup.reviewForm.earlierRatingsStayInTheir')}
      </p>
    </fieldset>
  );
}
