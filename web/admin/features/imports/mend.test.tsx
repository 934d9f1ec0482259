import { fireEvent, screen, within } from '@testing-library/react';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { draw } from '../../../tests/office';
import type { ImportChoices, Preview } from './queries';

let Mend: typeof import('./mend').Mend;
let Mended: typeof import('./mend').Mended;
beforeAll(async () => {
  ({ Mend, Mended } = await import('./mend'));
});

type RowProblem = Preview['problems'][number];

const problem = (value: string, field?: RowProblem['field']): RowProblem => ({
  line: 3,
  column: 'rating',
  value,
  reason: 'This is not a number.',
  ...(field && { field }),
  nearest: [],
});

describe('a cell that cannot be read', () => {
  it('is said to mean something for all rows that say the same', () => {
    const onChange = vi.fn();
    const choices: ImportChoices = { renames: { RATING: { four: '4' } } };
    draw(<Mend problem={problem('five', 'RATING')} choices={choices} onChange={onChange} />);
    fireEvent.click(screen.getByRole('button', { name: 'What does “five” mean?' }));
    const sheet = within(screen.getByRole('dialog'));
    expect(sheet.getByRole<HTMLButtonElement>('button', { name: 'Apply' }).disabled).toBe(true);
    fireEvent.change(sheet.getByRole('textbox', { name: 'five means' }), {
      target: { value: ' 5 ' },
    });
    fireEvent.click(sheet.getByRole('button', { name: 'Apply' }));
    expect(onChange).toHaveBeenCalledWith({ renames: { RATING: { four: '4', five: '5' } } });
  });

  it('is left alone where nobody can say what it means', () => {
    const { container } = draw(
      <>
        <Mend problem={problem('', 'RATING')} choices={{}} onChange={vi.fn()} />
        <Mend problem={problem('so long…', 'WORDS')} choices={{}} onChange={vi.fn()} />
        <Mend problem={problem('a broken row')} choices={{}} onChange={vi.fn()} />
      </>,
    );
    expect(within(container).queryByRole('button')).toBeNull();
  });

  it('is read as it stands again', () => {
    const onChange = vi.fn();
    draw(
      <Mended
        choices={{ renames: { RATING: { five: '5' }, VARIANT: { red: 'Red' } } }}
        onChange={onChange}
      />,
    );
    expect(screen.getAllByRole('listitem')).toHaveLength(1);
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    expect(onChange).toHaveBeenCalledWith({ renames: { RATING: {}, VARIANT: { red: 'Red' } } });
  });
});
