import { useState } from 'react';
import { T, t } from '../../shared/t';

interface OwnCssProps {
  css: string;
  faults: string[];
  onSet: (css: string) => void;
  className: string | undefined;
  classFault: string | undefined;
  onClass: (name: string | undefined) => void;
}

/** The owner’s own rules for a nod, and a class name for the shop’s. */
export function CustomCss({ css, faults, onSet, className, classFault, onClass }: OwnCssProps) {
  const [text, setText] = useState(css);
  const [name, setName] = useState(className ?? '');
  return (
    <details className="border-b border-line/70 px-4.5 py-2.5" open={!!css || !!className}>
      <summary className="cursor-pointer text-[13px] font-semibold">
        {t('nod.customCss.yourOwnCss')}
      </summary>
      <textarea
        aria-label={t('nod.customCss.yourOwnCss')}
        value={text}
        rows={5}
        spellCheck={false}
        placeholder={'.stars {\n  letter-spacing: 2px;\n}'}
        aria-invalid={faults.length > 0}
        className="mt-1.5 w-full rounded-lg border border-line-3 bg-white p-2 font-mono text-[13px]"
        onChange={(event) => {
          setText(event.target.value);
          onSet(event.target.value);
        }}
      />
      <label className="mt-1.5 flex items-baseline gap-2 text-ink-2">
        <T
          id="nod.customCss.cssClassForYourOwn"
          values={{
            input: (
              <input
                value={name}
                spellCheck={false}
                placeholder={t('nod.customCss.none')}
                aria-invalid={!!classFault}
                className="w-40 border-b-2 border-saffron bg-transparent px-1 font-mono text-[13px] text-ink"
                onChange={(event) => {
                  setName(event.target.value);
                  onClass(event.target.value.trim() || undefined);
                }}
              />
            ),
          }}
        />
      </label>
      {classFault && (
        <p role="alert" className="text-[13px] text-rust-ink">
          <T id="nod.customCss.theCssClass" values={{ classFault }} />
        </p>
      )}
      <p className="text-[13px] text-ink-2">{t('nod.customCss.thisCssAffectsOnlyThis')}</p>
      {faults.map((one) => (
        <p key={one} role="alert" className="text-[13px] text-rust-ink">
          {one}
        </p>
      ))}
    </details>
  );
}
