import { useRef } from 'react';
import { useSay } from '../../../ui/toasts';
import { ACCEPTED, useAddMaterial, type Material, type MaterialKind } from '../materials';

/** A hidden field for a file, and the act that opens it; what was added is taken at once. */
export function useUpload(kind: MaterialKind, label: string, onAdded: (value: string) => void) {
  const input = useRef<HTMLInputElement>(null);
  const add = useAddMaterial();
  const { say, sayProblem } = useSay();
  const field = (
    <input
      ref={input}
      type="file"
      hidden
      accept={ACCEPTED[kind]}
      aria-label={`${label}: a file`}
      onChange={(event) => {
        const file = event.target.files?.[0];
        // the same file again is a change too
        event.target.value = '';
        if (!file) return;
        add.mutateAsync({ kind, file }).then((added) => {
          say(`${added.name} is added`);
          onAdded(added.value);
        }, sayProblem);
      }}
    />
  );
  return { field, open: () => input.current?.click(), busy: add.isPending };
}

/** The shop's own as choices; one that is in use and was taken off the list stays a choice. */
export function ownChoices(materials: Material[], kind: MaterialKind, value: string) {
  const own = materials
    .filter((one) => one.kind === kind)
    .map(({ value, name, file }) => ({ value, text: name, file }));
  if (value.startsWith('own:') && !own.some((one) => one.value === value))
    own.push({
      value,
      text: kind === 'FONT' ? 'a font of yours' : 'a picture of yours',
      file: value.slice(4),
    });
  return own;
}
