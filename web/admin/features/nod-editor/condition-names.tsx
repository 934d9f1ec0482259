import { useState } from 'react';
import { PickMany } from '../../ui/pick-many';
import { INPUT } from '../../ui/inputs';
import { useCategories } from '../layout/queries';
import { t } from '../../shared/t';

interface WordsProps {
  label: string;
  values: string[];
  onSet: (names: string[]) => void;
}

const parted = (text: string) => text.split(',').flatMap((one) => one.trim() || []);

/** Names parted by commas. */
export function Words({ label, values, onSet }: WordsProps) {
  const [typed, setTyped] = useState('');
  const isOwn = parted(typed).join() === values.join();
  return (
    <input
      aria-label={label}
      value={isOwn ? typed : values.join(', ')}
      placeholder={label}
      className={`w-[14em] ${INPUT}`}
      onChange={(event) => {
        setTyped(event.target.value);
        onSet(parted(event.target.value));
      }}
    />
  );
}

interface ManyProps {
  label: string;
  names: string[] | undefined;
  choices: { value: string; text: string }[];
  onSet: (names: string[]) => void;
}

/** Some of the catalogue's categories. */
export function Categories({ names, onSet }: Omit<ManyProps, 'label' | 'choices'>) {
  return (
    <Many
      label={t('nod.conditionRow.categories')}
      names={names}
      choices={useCategories()}
      onSet={onSet}
    />
  );
}

/** Some of a list. */
export function Many({ label, names, choices, onSet }: ManyProps) {
  return (
    <PickMany
      label={label}
      values={names ?? []}
      any={t('nod.conditionRow.choose')}
      choices={choices}
      onPick={onSet}
    />
  );
}
