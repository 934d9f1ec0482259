import { InlineSelect } from '../../ui/inline-select';
import { ownChoices, useUpload } from './upload';
import { useAssets, type AssetKind } from '../layout/assets';
import { t } from '../../shared/t';

interface OwnPickProps {
  label: string;
  value: string;
  choices: { value: string; text: string }[];
  kind: AssetKind;
  onPick: (value: string) => void;
}

const ADD = 'add';

/** One of ours, or a font or picture of the shop's own, which can be added here. */
export function AssetPick({ label, value, choices, kind, onPick }: OwnPickProps) {
  const materials = useAssets();
  const { field, open } = useUpload(kind, label, onPick);
  const own = ownChoices(materials.data?.items ?? [], kind, value);
  return (
    <>
      <InlineSelect
        label={label}
        value={value}
        choices={[
          ...choices,
          ...own.map(({ value, text }) => ({ value, text, note: t('nod.assetPick.yours') })),
          {
            value: ADD,
            text: kind === 'FONT' ? t('nod.assetPick.addWoff2Font') : t('nod.assetPick.addImage'),
          },
        ]}
        onPick={(next) => (next === ADD ? open() : onPick(next))}
      />
      {field}
    </>
  );
}
