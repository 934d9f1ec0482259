import { useRef, useState } from 'react';
import { InlineSelect } from '../../ui/inline-select';
import { language } from '../../shared/format';
import { locale } from '../../shared/intl';
import { day, number, say } from '../../../nods/shared/text';
import { written } from '../../../nods/label/view';
import { meaningOf } from '../kinds/kinds';
import { ScheduleFace } from './schedule';
import { Promises } from './promises';
import { Stated } from './stated';
import { faultOf, type FaceProps } from './face';
import { named, stored, valueName } from './value-names';
import { T, t } from '../../shared/t';

const LANGUAGES = ['en', 'pt', 'de', 'es', 'fr', 'ja', 'ar'];

type Word = FaceProps['face']['words'][number];
type Live = FaceProps['values'][string];

interface SaysProps extends FaceProps {
  /** Puts the label of a kind in place of this one. */
  onCompute: (kind: string) => void;
}

/** The words, per language, with the values they can put in; ours where the owner wrote none. */
export function WordingFace({ face, set, faults, values, onChange, onCompute }: SaysProps) {
  const [at, setAt] = useState(face.words[0]?.name ?? '');
  const insert = useRef<((value: string) => void) | undefined>(undefined);
  const word = face.words.find((one) => one.name === at) ?? face.words[0];
  if (face.kind === 'trust-badges')
    return <Promises set={set} faults={faults} onChange={onChange} />;
  if (!word) return null;
  const write = (lang: string, name: string, text: string) => {
    const words = { ...set.wording[lang] };
    if (text) words[name] = text;
    else delete words[name];
    onChange({ wording: { ...set.wording, [lang]: words } });
  };
  return (
    <>
      <Stated stated={face.stated} onCompute={onCompute} />
      {face.kind === 'countdown' && (
        <ScheduleFace face={face} set={set} faults={faults} onChange={onChange} />
      )}
      <p className="flex flex-wrap items-center gap-1.5 px-4.5 pt-3 text-ink-2">
        <T
          id="nod.wording.textFor"
          values={{
            pick: (
              <InlineSelect
                label={t('nod.wording.text')}
                value={word.name}
                choices={face.words.map((one) => ({
                  value: one.name,
                  text: meaningOf(face.kind, one.name),
                  ...(changed(set, one) ? { note: t('nod.wording.changed') } : {}),
                }))}
                onPick={setAt}
              />
            ),
          }}
        />
      </p>
      {word.values.length > 0 && (
        <p className="flex flex-wrap items-center gap-x-3 gap-y-1 px-4.5 pt-2 text-[13px] text-ink-2">
          <T
            id="nod.wording.insertAValue"
            values={{
              map: word.values.map((value) => (
                <span key={value} className="inline-flex items-baseline gap-1.5">
                  <button
                    type="button"
                    className="rounded-md bg-saffron-soft px-1.5 font-semibold text-saffron-ink hover:underline"
                    onMouseDown={(event) => event.preventDefault()}
                    onClick={() => insert.current?.(value)}
                  >
                    {valueName(value)}
                  </button>
                  {shown(value, values[word.name]?.[value])}
                </span>
              )),
            }}
          />
        </p>
      )}
      {LANGUAGES.map((lang) => (
        <Language
          key={`${word.name} ${lang}`}
          lang={lang}
          word={word}
          own={set.wording[lang] ?? {}}
          live={values[word.name]}
          unsayable={face.unsayable.filter((one) => one.language === lang)}
          fault={(name) => faultOf(faults, `wording.${lang}.${name}`)}
          onWrite={(name, text) => write(lang, name, text)}
          onFocus={(next) => {
            insert.current = next;
          }}
        />
      ))}
    </>
  );
}

const READER = { language: locale(), words: {}, own: {} };

function shown(name: string, value: Live[string] | undefined): string {
  if (value === undefined) return t('nod.wording.notKnownHere');
  const text = spelled(READER, name, value);
  return typeof text === 'number' ? number(READER, text) : text;
}

/** A value as the language writes it; a plain number counts, so it stays one. */
function spelled(context: typeof READER, name: string, value: Live[string]): string | number {
  if (typeof value === 'object') return written(context, value);
  if (typeof value === 'string') return day(context, value);
  return name === 'mean' ? number(context, value, 1) : value;
}

const changed = (set: FaceProps['set'], word: Word) =>
  Object.values(set.wording).some((words) =>
    Object.keys(words).some((name) => name === word.name || name.startsWith(`${word.name}.`)),
  );

interface LanguageProps {
  lang: string;
  word: Word;
  own: Record<string, string>;
  live: Live | undefined;
  unsayable: FaceProps['face']['unsayable'];
  fault: (name: string) => string | undefined;
  onWrite: (name: string, text: string) => void;
  onFocus: LineProps['onFocus'];
}

function Language(props: LanguageProps) {
  const { lang, word, own, live, unsayable, fault, onWrite, onFocus } = props;
  const ours = word.ours[lang] ?? word.ours['en'] ?? {};
  const forms = Object.keys(ours);
  return (
    <fieldset className="grid grid-cols-[88px_minmax(0,1fr)] gap-x-2.5 border-t border-line/60 px-4.5 py-2.5 first-of-type:border-0">
      <legend className="sr-only">{language(lang)}</legend>
      <p className="pt-1 text-[13px] font-semibold">
        {language(lang)}
        {lang === 'ar' && (
          <span className="block font-normal text-ink-2">{t('nod.wording.rightToLeft')}</span>
        )}
      </p>
      <div className="flex flex-col gap-2">
        {forms.map((form) => {
          const name = form ? `${word.name}.${form}` : word.name;
          return (
            <Line
              key={name}
              lang={lang}
              form={form}
              values={word.values}
              text={own[name] ?? ''}
              ours={ours[form] ?? ''}
              live={live}
              wrong={unsayable.filter((one) => one.word === name)}
              fault={fault(name)}
              onWrite={(text) => onWrite(name, text)}
              onFocus={onFocus}
            />
          );
        })}
      </div>
    </fieldset>
  );
}

const FORMS: Record<string, string> = {
  zero: t('nod.wording.none'),
  one: t('nod.wording.one'),
  two: t('nod.wording.two'),
  few: t('nod.wording.few'),
  many: t('nod.wording.many'),
  other: t('nod.wording.other'),
};

/** Whether that form is the one for the number that the page has. */
const isForm = (lang: string, form: string, live: Live) => {
  const counted = live['n'] ?? live['stock'];
  const n = typeof counted === 'object' ? counted.number : counted;
  return !form || typeof n !== 'number' || new Intl.PluralRules(lang).select(n) === form;
};

/** The words as this page would say them, put together as the script does. */
function sample(lang: string, text: string, live: Live): string {
  const context = {
    language: lang,
    words: {},
    own: { it: text },
  };
  const here = Object.entries(live).map(([name, value]) => [name, spelled(context, name, value)]);
  return say(context, 'it', Object.fromEntries(here) as Record<string, string | number>);
}

interface LineProps {
  lang: string;
  form: string;
  values: string[];
  text: string;
  ours: string;
  live: Live | undefined;
  wrong: LanguageProps['unsayable'];
  fault: string | undefined;
  onWrite: (text: string) => void;
  /** hands on how to put a value in where the cursor stands */
  onFocus: (insert: (value: string) => void) => void;
}

function Line(props: LineProps) {
  const { lang, form, values, text, ours, live, wrong, fault, onWrite, onFocus } = props;
  const label = `${language(lang)}${form ? `, ${FORMS[form] ?? form}` : ''}`;
  return (
    <div>
      {form && <span className="text-[12px] text-ink-2">{FORMS[form] ?? form}</span>}
      <div className="flex items-center gap-1.5">
        <input
          aria-label={label}
          aria-invalid={wrong.length > 0 || !!fault}
          lang={lang}
          dir={lang === 'ar' ? 'rtl' : 'ltr'}
          value={named(text)}
          placeholder={named(ours)}
          className={`min-w-0 flex-1 rounded-lg border bg-white px-2.5 py-1.5 placeholder:text-ink-2 ${wrong.length > 0 || fault ? 'border-rust' : 'border-line-3'}`}
          onChange={(event) => onWrite(stored(event.target.value))}
          onFocus={(event) => {
            const input = event.currentTarget;
            onFocus((value) => {
              const before = input.value || named(ours);
              const at = input.value ? (input.selectionStart ?? before.length) : before.length;
              onWrite(stored(`${before.slice(0, at)}{${value}}${before.slice(at)}`));
              input.focus();
            });
          }}
        />
        {text && (
          <button
            type="button"
            className="text-[13px] text-plum underline"
            onClick={() => onWrite('')}
          >
            {t('nod.wording.default')}
          </button>
        )}
      </div>
      {values.length > 0 && live && wrong.length === 0 && isForm(lang, form, live) && (
        <p lang={lang} dir={lang === 'ar' ? 'rtl' : 'ltr'} className="text-[13px] text-ink-2">
          {sample(lang, text || ours, live)}
        </p>
      )}
      {fault && (
        <p className="text-[13px] text-rust-ink">
          <T id="nod.wording.thisText" values={{ fault }} />
        </p>
      )}
      {wrong.map((one) => (
        <p key={one.value} role="alert" className="mt-0.5 text-[13px] text-rust-ink">
          <T
            id="nod.wording.thereIsNoValueShoppers"
            values={{
              value: valueName(one.value),
              nearest: one.nearest && (
                <button
                  type="button"
                  className="font-semibold text-plum underline"
                  onClick={() => onWrite(text.replace(`{${one.value}}`, `{${one.nearest}}`))}
                >
                  <T id="nod.wording.use" values={{ nearest: valueName(one.nearest) }} />
                </button>
              ),
            }}
          />
        </p>
      ))}
    </div>
  );
}
