import { useState } from 'react';
import { country } from '../../shared/format';
import { useChoice } from './queries';
import { SmallPick } from './small-pick';
import { T, t } from '../../shared/t';

interface RegionsPickProps {
  label: string;
  values: string[];
  isOverruled?: boolean;
  /** what no region stands for */
  none: string;
  onSet: (codes: string[]) => Promise<unknown>;
}

const SHOWN = 40;

/** Countries and parts of them whose public holidays are kept. */
export function RegionsPick(props: RegionsPickProps) {
  const { label, values, isOverruled = false, none, onSet } = props;
  const choice = useChoice();
  const [chosen, setChosen] = useState(values);
  const [text, setText] = useState('');
  const all = (choice.data?.holidays ?? []).flatMap((country) => [
    { code: country.code, name: country.name },
    ...country.parts.map((part) => ({ code: part.code, name: `${country.name}: ${part.name}` })),
  ]);
  const name = (code: string) =>
    all.find((one) => one.code === code)?.name ?? country(code.slice(0, 2));
  const wanted = text.trim().toLowerCase();
  const found = all
    .filter((one) =>
      wanted
        ? one.name.toLowerCase().includes(wanted) || one.code.toLowerCase() === wanted
        : chosen.includes(one.code) || !one.code.includes('-'),
    )
    .sort((a, b) => Number(chosen.includes(b.code)) - Number(chosen.includes(a.code)));
  return (
    <SmallPick
      label={label}
      shown={values.map(name).join(', ') || none}
      isOverruled={isOverruled}
      width="w-80"
      onOpen={() => {
        setChosen(values);
        setText('');
      }}
      onKeep={() => onSet(chosen)}
    >
      <input
        className="rounded-lg border border-line-3 bg-white px-3 py-1.5"
        placeholder={t('delivery.regionsPick.countryOrRegion')}
        aria-label={t('delivery.regionsPick.countryOrRegion')}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <ul
        className="max-h-52 overflow-auto"
        aria-label={t('delivery.regionsPick.countriesAndRegions')}
      >
        {found.slice(0, SHOWN).map((one) => (
          <li key={one.code}>
            <label className="flex items-baseline gap-2 px-1 py-0.5">
              <input
                type="checkbox"
                checked={chosen.includes(one.code)}
                onChange={(event) =>
                  setChosen(
                    event.target.checked
                      ? [...chosen, one.code]
                      : chosen.filter((code) => code !== one.code),
                  )
                }
              />
              {one.name}
            </label>
          </li>
        ))}
        {found.length > SHOWN && (
          <li className="px-1 text-[13px] text-ink-2">
            <T
              id="delivery.regionsPick.moreTypeToNarrowThe"
              values={{ found: found.length - SHOWN }}
            />
          </li>
        )}
      </ul>
    </SmallPick>
  );
}
