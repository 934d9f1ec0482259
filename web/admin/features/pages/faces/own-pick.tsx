import { Pick } from '../../../ui/pick';
import { ownChoices, useUpload } from './upload';
import { useMaterials, type MaterialKind } from '../materials';

interface OwnPickProps {
  label: string;
  value: string;
  choices: { value: string; text: string }[];
  kind: MaterialKind;
  onPick: (value: string) => void;
}

const ADD = 'add';

/** One of ours, or a font or picture of the shop's own, which can be added here. */
export function OwnPick({ label, value, choices, kind, onPick }: OwnPickProps) {
  const materials = useMaterials();
  const { field, open } = useUpload(kind, label, onPick);
  const own = ownChoices(materials.data?.items ?? [], kind, value);
  return (
    <>
      <Pick
        label={label}
        value={value}
        choices={[
          ...choices,
          ...own.map(({ value, text }) => ({ value, text, note: 'yours' })),
          { value: ADD, text: kind === 'FONT' ? 'add a WOFF2 font …' : 'add a picture …' },
        ]}
        onPick={(next) => (next === ADD ? open() : onPick(next))}
      />
      {field}
    </>
  );
}
