import { useRef } from 'react';
import { useNotify } from '../../ui/toasts';
import { ACCEPTED, useAddAsset, type Asset, type AssetKind } from '../layout/assets';
import { t } from '../../shared/t';

/** A hidden field for a file, and the act that opens it; what was added is taken at once. */
export function useUpload(kind: AssetKind, label: string, onAdded: (value: string) => void) {
  const input = useRef<HTMLInputElement>(null);
  const add = useAddAsset();
  const { say, sayProblem } = useNotify();
  const field = (
    <input
      ref={input}
      type="file"
      hidden
      accept={ACCEPTED[kind]}
      aria-label={t('nod.upload.file', { label })}
      onChange={(event) => {
        const file = event.target.files?.[0];
        // the same file again is a change too
        event.target.value = '';
        if (!file) return;
        add.mutateAsync({ kind, file }).then((added) => {
          say(t('nod.upload.added', { name: added.name }));
          onAdded(added.value);
        }, sayProblem);
      }}
    />
  );
  return { field, open: () => input.current?.click(), busy: add.isPending };
}

/** The shop's own as choices; one that is in use and was taken off the list stays a choice. */
export function ownChoices(materials: Asset[], kind: AssetKind, value: string) {
  const own = materials
    .filter((one) => one.kind === kind)
    .map(({ value, name, file }) => ({ value, text: name, file }));
  if (value.startsWith('own:') && !own.some((one) => one.value === value))
    own.push({
      value,
      text: kind === 'FONT' ? t('nod.upload.yourFont') : t('nod.upload.yourImage'),
      file: value.slice(4),
    });
  return own;
}
