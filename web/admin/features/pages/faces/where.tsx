import { Pick } from '../../../ui/pick';
import { PickMany } from '../../../ui/pick-many';
import { useProductView } from '../../catalogue/queries';
import { useShopPicture } from '../../setup/queries';
import { useSpots } from '../spots';
import type { FaceProps } from './face';
import { ownOptions } from './own-options';
import { PlaceDots, PlaceWords } from './place-pick';

const PAGES = [
  { value: 'PRODUCT' as const, text: 'product pages' },
  { value: 'LISTING' as const, text: 'listings' },
  { value: 'HOME' as const, text: 'the home page' },
  { value: 'BASKET' as const, text: 'the basket' },
  { value: 'CONFIRMATION' as const, text: 'order confirmations' },
];

const SCREENS = [
  { value: 'BOTH' as const, text: 'all screens' },
  { value: 'WIDE' as const, text: 'wide screens alone' },
  { value: 'NARROW' as const, text: 'narrow screens alone' },
];

const OF_HERE = ['pages', 'screens', 'spot', 'own.options.corner'];

type WhereProps = Omit<FaceProps, 'view' | 'values' | 'row'> & {
  /** a product whose picture it sits on */
  lead: string | undefined;
};

/** Where it stands: spot, place on the picture, pages and screens. */
export function Where({ face, set, faults, lead, onChange }: WhereProps) {
  const spots = useSpots();
  const picture = useShopPicture();
  const product = useProductView(lead).data;
  const { values, put } = ownOptions(face, set);
  const corner = set.spot === 'on-picture' ? values['corner'] : undefined;
  const place = (next: string) => onChange(put('corner', next));
  return (
    <section className="flex gap-4 border-t border-line px-4.5 py-3 text-ink-2" aria-label="Where">
      {corner !== undefined && (
        <PlaceDots value={corner} picture={picture(product?.picture ?? '')} onPick={place} />
      )}
      <div className="flex flex-col gap-2.5">
        <p className="flex flex-wrap items-center gap-1.5">
          It stands
          <Pick
            label="Spot"
            value={set.spot}
            choices={spots}
            onPick={(spot) => onChange({ spot })}
          />
          {corner !== undefined && <PlaceWords value={corner} onPick={place} />}
        </p>
        <p className="flex flex-wrap items-center gap-1.5">
          on
          <PickMany
            label="Kinds of page"
            values={set.pages}
            any="no page"
            choices={PAGES}
            onPick={(pages) => onChange({ pages })}
          />
        </p>
        <p className="flex flex-wrap items-center gap-1.5">
          seen on
          <Pick
            label="Screens"
            value={set.screens.length === 1 ? (set.screens[0] ?? 'BOTH') : 'BOTH'}
            choices={SCREENS}
            onPick={(screen) =>
              onChange({ screens: screen === 'BOTH' ? ['WIDE', 'NARROW'] : [screen] })
            }
          />
        </p>
        {faults
          .filter(({ field }) => OF_HERE.includes(field))
          .map(({ field, reason }) => (
            <p key={field} role="alert" className="text-[13px] text-rust-ink">
              {reason}
            </p>
          ))}
      </div>
    </section>
  );
}
