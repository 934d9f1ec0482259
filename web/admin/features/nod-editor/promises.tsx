import { useState } from 'react';
import { Button } from '../../ui/button';
import { InlineSelect } from '../../ui/inline-select';
import { language } from '../../shared/format';
import type { FaceProps } from './face';
import { PromiseRow } from './promise-row';
import { moved, PAYMENTS, type Promised } from './promise';
import { T, t } from '../../shared/t';

const LANGUAGES = ['en', 'pt', 'de', 'es', 'fr', 'ja', 'ar'].map((code) => ({
  value: code,
  text: language(code),
}));

const FRESH: Promised = { about: 'OTHER', drawing: 'check', link: '', countries: [], words: {} };

/** What the badges promise, one after another; each in every language that the owner writes. */
export function Promises({ set, faults, onChange }: Pick3<'set' | 'faults' | 'onChange'>) {
  const [lang, setLang] = useState('en');
  const promises = (set.own['promises'] ?? []) as Promised[];
  const put = (next: Promised[]) => onChange({ own: { ...set.own, promises: next } });
  const fault = faults.find(({ field }) => field === 'own')?.reason;
  return (
    <>
      <p className="flex flex-wrap items-center gap-1.5 px-4.5 pt-3 text-ink-2">
        <T
          id="nod.promises.promisesIn"
          values={{
            pick: (
              <InlineSelect
                label={t('nod.promises.language')}
                value={lang}
                choices={LANGUAGES}
                onPick={setLang}
              />
            ),
            lang: lang !== 'en' && (
              <span className="text-[13px]">{t('nod.promises.emptyFieldsUseTheEnglish')}</span>
            ),
          }}
        />
      </p>
      {fault && (
        <p role="alert" className="px-4.5 pt-2 text-[13px] text-rust-ink">
          <T id="nod.promises.notSaved" values={{ fault }} />
        </p>
      )}
      {promises.length === 0 && (
        <p className="mx-4.5 mt-3 rounded-xl border border-dashed border-line-3 px-4 py-3 text-ink-2">
          {t('nod.promises.noPromisesYetWhatMakes')}
        </p>
      )}
      <ol aria-label={t('nod.promises.promises')}>
        {promises.map((promise, index) => (
          <PromiseRow
            key={index}
            promise={promise}
            index={index}
            of={promises.length}
            lang={lang}
            onSet={(next) => put(promises.map((one, i) => (i === index ? next : one)))}
            onMove={(to) => put(moved(promises, index, to))}
            onDrop={(from) => put(moved(promises, from, index))}
            onRemove={() => put(promises.filter((_, i) => i !== index))}
          />
        ))}
      </ol>
      <p className="flex flex-wrap gap-2 px-4.5 py-3">
        <Button disabled={promises.length >= 12} onClick={() => put([...promises, FRESH])}>
          {t('nod.promises.addPromise')}
        </Button>
        {promises.length === 0 && (
          <Button onClick={() => put(PAYMENTS)}>{t('nod.promises.startWithPaymentMethods')}</Button>
        )}
      </p>
    </>
  );
}

type Pick3<Names extends keyof FaceProps> = { [Name in Names]: FaceProps[Name] };
