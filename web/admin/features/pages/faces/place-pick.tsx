import { useId } from 'react';
import { choices } from '../../../shared/choices';
import { Pick } from '../../../ui/pick';

const PLACES = choices(
  ['top-start', 'top, where reading begins'],
  ['top', 'top'],
  ['top-end', 'top, where reading ends'],
  ['start', 'halfway, where reading begins'],
  ['middle', 'in the middle'],
  ['end', 'halfway, where reading ends'],
  ['bottom-start', 'foot, where reading begins'],
  ['bottom', 'foot'],
  ['bottom-end', 'foot, where reading ends'],
);

interface PlacePickProps {
  value: string;
  onPick: (place: string) => void;
}

/** Where a label sits on a picture, in words. */
export const PlaceWords = ({ value, onPick }: PlacePickProps) => (
  <Pick label="Corner" value={value} choices={PLACES} onPick={onPick} />
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
      <legend className="sr-only">Place on the picture</legend>
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
