import { useShopPicture } from '../shop/queries';
import { useReach, type RuleGroup } from '../layout/nod-queries';
import { Conditions } from './conditions';
import { Evidence } from './evidence';
import type { FaceProps } from './face';
import { PlacementFace } from './placement';
import { T, t } from '../../shared/t';

/** Conditions as sentences, how many products meet them, and which just miss and by what. */
export function Audience({ face, set, faults, view, row, onChange }: FaceProps) {
  const { audience } = set;
  const root: RuleGroup =
    audience.kind === 'ALL_OF' || audience.kind === 'ANY_OF'
      ? audience
      : { kind: 'ALL_OF', parts: [audience] };
  const reach = useReach({
    nod: face.id,
    audience: root,
    kind: view.kind,
    ...(view.country ? { country: view.country } : {}),
    ...(view.language ? { lang: view.language } : {}),
    ...(view.moment ? { at: view.moment } : {}),
  });
  return (
    <>
      <section className="px-4.5 py-3">
        <Conditions
          root={root}
          alone={reach.data?.alone ?? {}}
          faults={faults}
          onChange={(next) => onChange({ audience: next })}
        />
      </section>
      <Reach reach={reach.data} wrong={reach.error?.message} />
      <PlacementFace face={face} set={set} faults={faults} lead={row?.lead} onChange={onChange} />
      {row?.number !== undefined && <Evidence row={row} variant={view.variant} />}
    </>
  );
}

type ReachData = ReturnType<typeof useReach>['data'];

function Reach({ reach, wrong }: { reach: ReachData; wrong: string | undefined }) {
  const picture = useShopPicture();
  if (!reach)
    return (
      <p className="border-t border-line px-4.5 py-3 text-ink-2">
        {wrong ?? t('nod.audience.countingProducts')}
      </p>
    );
  const more = reach.products - reach.named.length;
  return (
    <section
      className="border-t border-line px-4.5 py-3"
      aria-label={t('nod.audience.matchingProducts')}
    >
      <p role="status">
        <T
          id="nod.audience.ofProducts"
          values={{
            b: (chunks) => <b className="font-display text-[17px]">{chunks}</b>,
            products: reach.products,
            of: reach.of,
            hasAny: reach.products > 0 ? 'yes' : 'no',
            variants: reach.variants,
          }}
        />
      </p>
      {reach.elsewhere.length > 0 && (
        <ul className="mt-1 text-[13px]" aria-label={t('nod.audience.forOtherShoppersAndTimes')}>
          {reach.elsewhere.map((one) => (
            <li key={one.text}>{one.text}</li>
          ))}
        </ul>
      )}
      {reach.products === 0 && reach.elsewhere.every((one) => one.products === 0) && (
        <p className="mt-1 text-rust-ink">{t('nod.audience.theseConditionsMatchNothingSo')}</p>
      )}
      <ul className="mt-2 flex flex-wrap gap-1">
        {reach.named.map(({ slug, title, picture: own }) => (
          <li key={slug}>
            {own ? (
              <img
                src={picture(own)}
                alt={title}
                title={title}
                loading="lazy"
                className="size-6 rounded bg-paper-2 object-cover"
              />
            ) : (
              <span title={title} className="block rounded bg-paper-2 px-1.5 text-[13px] leading-6">
                {title}
              </span>
            )}
          </li>
        ))}
        {more > 0 && (
          <li className="text-[13px] text-ink-2">
            <T id="nod.audience.more" values={{ more }} />
          </li>
        )}
      </ul>
      {reach.misses.length > 0 && (
        <details className="mt-2" open={reach.products === 0}>
          <summary className="cursor-pointer font-semibold">
            <T
              id="nod.audience.productsAlmostQualify"
              values={{
                misses: reach.misses.length,
              }}
            />
          </summary>
          <ul className="mt-1 flex flex-col gap-1 text-[13px]">
            {reach.misses.map((miss) => (
              <li key={miss.slug} className="grid grid-cols-[minmax(0,2fr)_minmax(0,3fr)] gap-3">
                <span className="truncate">{miss.title}</span>
                <span className="text-ink-2">{miss.by}</span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}
