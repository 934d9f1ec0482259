import { Button } from '../../ui/button';
import { Pick } from '../../ui/pick';
import { PickMany } from '../../ui/pick-many';
import { ProductPick } from '../../ui/product-pick';
import { count, country, language, number } from '../../shared/words';
import { Permission } from './permission';
import type { Choices, Look, Trial } from './queries';
import { NAME_FORMS } from '../reviews/words';
import { MOSTS, RATINGS } from './words';

interface TakeInProps {
  look: Look;
  choices: Choices;
  trial: Trial | undefined;
  counting: boolean;
  fault: string | undefined;
  busy: boolean;
  onChange: (changes: Partial<Choices>) => void;
  permitted: boolean;
  onPermit: (permitted: boolean) => void;
  onRead: () => void;
}

/** How to take a file in, as a sentence; what comes of it; the permission; and the act. */
export function TakeIn(props: TakeInProps) {
  const { trial, fault, counting, busy, permitted, onRead } = props;
  const mayRead = !!trial && !fault && trial.usable > 0 && (permitted || !trial.asksPermission);
  return (
    <section className="rounded-2xl border border-line bg-paper p-4" aria-label="How to take it in">
      <h2 className="mb-1 text-[16px]">How to take it in</h2>
      <Sentence {...props} />
      {trial && (
        <p className="mt-2 border-t border-line pt-2" aria-live="polite">
          <b>So:</b>{' '}
          {trial.usable === 0
            ? 'none goes'
            : `${number(trial.usable)} ${trial.usable === 1 ? 'goes' : 'go'}`}{' '}
          to the sorting table.{aside(trial)}{' '}
          {isOfOtherProducts(trial)
            ? 'No product that it names is in your catalogue: choose the product that they are about.'
            : 'Nothing is public until you publish it there.'}
        </p>
      )}
      {trial && (
        <Permission {...props} before={props.look.choices?.source} asks={trial.asksPermission} />
      )}
      {fault && (
        <p role="alert" className="mt-3 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
          {fault}
        </p>
      )}
      <div className="mt-3 flex items-center gap-3">
        <Button look="inside" className="py-2!" disabled={!mayRead || busy} onClick={onRead}>
          {trial ? `Read ${count(trial.usable, 'review')} in` : 'Read them in'}
        </Button>
        <span className="text-[13px] text-ink-2">
          {counting
            ? 'counting …'
            : trial?.asksPermission && !permitted && trial.usable > 0
              ? 'once you have said that you may publish them'
              : 'you can go on working meanwhile'}
        </span>
      </div>
    </section>
  );
}

const isOfOtherProducts = (trial: Trial) =>
  trial.usable === 0 && trial.bad > 0 && trial.problems.every((one) => one.column === 'product');

function aside(trial: Trial): string {
  const bad = trial.bad > 0 ? ` ${number(trial.bad)} can’t be read` : '';
  const left = trial.hereAlready + trial.leftOutBefore + trial.notChosen;
  const rest = left > 0 ? ` ${number(left)} ${left === 1 ? 'is' : 'are'} left aside` : '';
  if (bad && rest) return `${bad} and${rest}.`;
  return bad || rest ? `${bad}${rest}.` : '';
}

type OfTakeIn<Names extends keyof TakeInProps> = { [Name in Names]: TakeInProps[Name] };

const ONLY = [
  { value: 'ANY', text: 'with or without words' },
  { value: 'WORDS', text: 'only those with words' },
  { value: 'PICTURES', text: 'only those with pictures' },
  { value: 'BOTH', text: 'only those with words and pictures' },
];

function onlyOf({ withPictures, withWords }: Choices): string {
  if (withPictures) return withWords ? 'BOTH' : 'PICTURES';
  return withWords ? 'WORDS' : 'ANY';
}

const some = (values: string[]) => (values.length ? values : undefined);

/** Of which countries and languages, where the file names any. */
function FromAndIn({ look, choices, onChange }: OfTakeIn<'look' | 'choices' | 'onChange'>) {
  return (
    <>
      {look.countries.length > 0 && (
        <>
          , from{' '}
          <PickMany
            label="Countries"
            any="any country"
            values={choices.countries ?? []}
            choices={look.countries.map((one) => ({ value: one.code, text: country(one.code) }))}
            onPick={(countries) => onChange({ countries: some(countries) })}
          />
        </>
      )}
      {look.languages.length > 0 && (
        <>
          , in{' '}
          <PickMany
            label="Languages"
            any="any language"
            values={choices.languages ?? []}
            choices={look.languages.map((one) => ({ value: one.code, text: language(one.code) }))}
            onPick={(languages) => onChange({ languages: some(languages) })}
          />
        </>
      )}
    </>
  );
}

function Sentence({ look, choices, trial, onChange }: TakeInProps) {
  const column = choices.columns?.['PRODUCT'];
  const named = column === undefined ? undefined : look.headings[column];
  const stars = [...(choices.stars ?? [])].sort();
  const rating = RATINGS.find((one) => one.stars.join() === stars.join())?.value ?? 'ANY';
  return (
    <p className="text-[15px] leading-[1.95] text-ink-2">
      Read{' '}
      <Pick
        label="How many"
        value={choices.most ? String(choices.most) : 'ALL'}
        choices={MOSTS}
        onPick={(most) => onChange({ most: most === 'ALL' ? undefined : Number(most) })}
      />{' '}
      of{' '}
      <Pick
        label="Ratings"
        value={rating}
        choices={RATINGS}
        onPick={(value) =>
          onChange({ stars: RATINGS.find((one) => one.value === value)?.stars ?? [] })
        }
      />{' '}
      rating,{' '}
      <Pick
        label="With"
        value={onlyOf(choices)}
        choices={ONLY}
        onPick={(next) =>
          onChange({
            withWords: next === 'WORDS' || next === 'BOTH' || undefined,
            withPictures: next === 'PICTURES' || next === 'BOTH' || undefined,
          })
        }
      />
      <FromAndIn look={look} choices={choices} onChange={onChange} />, into{' '}
      <ProductPick
        label="Product"
        value={choices.product}
        none={named === undefined ? 'choose a product' : `the product named in column ${named}`}
        onPick={(product) => onChange({ product })}
      />
      , showing reviewers as{' '}
      <Pick
        label="Names"
        value={choices.nameForm ?? 'AS_GIVEN'}
        choices={NAME_FORMS}
        onPick={(nameForm) => onChange({ nameForm })}
      />
      ;{' '}
      <Pick
        label="Left out before"
        value={choices.takesLeftOut ? 'TAKE' : 'SKIP'}
        choices={[
          {
            value: 'SKIP',
            text: trial?.leftOutBefore ? `skip the ${number(trial.leftOutBefore)}` : 'skip those',
          },
          { value: 'TAKE', text: 'take those too' },
        ]}
        onPick={(next) => onChange({ takesLeftOut: next === 'TAKE' || undefined })}
      />{' '}
      left out before.
    </p>
  );
}
