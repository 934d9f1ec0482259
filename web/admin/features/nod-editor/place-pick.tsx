import { useId } from 'react';
import { choices } from '../../shared/choices';
import { InlineSelect } from '../../ui/inline-select';
import { t } from '../../shared/t';

const PLACES = choices(
  ['top-start', t('nod.placePick.topLeft')],
  ['top', t('nod.placePick.top')],
  ['top-end', t('nod.placePick.topRight')],
  ['start', t('nod.placePick.middleLeft')],
  ['middle', t('nod.placePick.centre')],
  ['end', t('nod.placePick.middleRight')],
  ['bottom-start', t('nod.placePick.bottomLeft')],
  ['bottom', t('nod.placePick.bottom')],
  ['bottom-end', t('nod.placePick.bottomRight')],
);

interface PlacePickProps {
  value: string;
  onPick: (place: string) => void;
}

/** Where a label sits on a picture, in words. */
export const PlaceWords = ({ value, onPick }: PlacePickProps) => (
  <InlineSelect label={t('nod.placePick.corner')} value={value} choices={PLACES} onPick={onPick} />
);

/** The same on the picture itself, a dot to a place. */
export function PlaceDots({
  value,
  picture,
  onPick,
}: PlacePickProps & { picture: string | undefined }) {
  const name = useId();
  return (
    <fieldset className="relative size-18 shrink-0 overflow-hidden rounded-lg border border-line-2 bg-paper-2">
      <legend className="sr-only">{t('nod.placePick.positionOnTheImage')}</legend>
      {picture && <img src={picture} alt="" className="size-full object-cover opacity-60" />}
      <span className="absolute inset-0 grid grid-cols-3">
        {PLACES.map((place) => (
          <label key={place.value} className="grid cursor-pointer place-items-center">
            <input
              type="radio"
              name={name}
              value={place.value}
              checked={place.value === value}
              aria-label={place.text}
              title={place.text}
              className="size-2.5 cursor-pointer appearance-none rounded-full border-[1.5px] border-ink bg-white checked:h-3 checked:w-5 checked:rounded-[3px] checked:border-white checked:bg-plum"
              onChange={() => onPick(place.value)}
            />
          </label>
        ))}
      </span>
    </fieldset>
  );
}
