import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { button, draw, field, office, type } from '../../tests/office';

let SearchPick: typeof import('./search-pick').SearchPick;
let PickMany: typeof import('./pick-many').PickMany;
let ProductPick: typeof import('./product-pick').ProductPick;
beforeAll(async () => {
  ({ SearchPick } = await import('./search-pick'));
  ({ PickMany } = await import('./pick-many'));
  ({ ProductPick } = await import('./product-pick'));
});

const PLACES = [
  { value: 'DE', text: 'Germany' },
  { value: 'JP', text: 'Japan' },
  { value: 'PT', text: 'Portugal' },
  { value: 'GB', text: 'United Kingdom' },
];
const offered = () =>
  within(screen.getByRole('list', { name: 'Country' }))
    .getAllByRole('button')
    .map((one) => one.textContent);
const enter = (name: string) => fireEvent.keyDown(field(name), { key: 'Enter' });

describe('a choice found by typing', () => {
  const onPick = vi.fn();
  beforeEach(() => {
    onPick.mockClear();
    draw(
      <SearchPick
        label="Country"
        value="PT"
        none="an unknown country"
        first={['JP']}
        choices={PLACES}
        onPick={onPick}
      />,
    );
    fireEvent.click(button('Country: Portugal'));
  });

  it('offers none and what is likely on top', () => {
    expect(offered()).toEqual([
      'an unknown country',
      'Japan',
      'Germany',
      'Portugal',
      'United Kingdom',
    ]);
  });

  it('finds by part of a name or by its code, and takes the first at Enter', () => {
    type('Search: Country', 'man');
    expect(offered()).toEqual(['Germany']);
    type('Search: Country', 'gb');
    expect(offered()).toEqual(['United Kingdom']);
    enter('Search: Country');
    expect(onPick).toHaveBeenCalledExactlyOnceWith('GB');
  });

  it('takes nothing where nothing is found', () => {
    type('Search: Country', 'atlantis');
    enter('Search: Country');
    expect(onPick).not.toHaveBeenCalled();
    expect(screen.getByText('No results.')).toBeTruthy();
  });

  it('can be taken back to none', () => {
    fireEvent.click(
      within(screen.getByRole('list', { name: 'Country' })).getByText('an unknown country'),
    );
    expect(onPick).toHaveBeenCalledExactlyOnceWith(undefined);
  });
});

describe('several choices in a sentence', () => {
  const open = (values: string[], onPick: (values: string[]) => void) => {
    draw(
      <PickMany
        label="Countries"
        values={values}
        any="any country"
        choices={PLACES}
        onPick={onPick}
      />,
    );
    fireEvent.keyDown(button(/^Countries/), { key: 'Enter' });
  };

  it('says what is chosen, and any where nothing is', () => {
    draw(
      <>
        <PickMany label="A" values={['JP', 'DE']} any="any" choices={PLACES} onPick={vi.fn()} />
        <PickMany label="B" values={[]} any="any" choices={PLACES} onPick={vi.fn()} />
      </>,
    );
    expect(button('A: Germany, Japan')).toBeTruthy();
    expect(button('B: any')).toBeTruthy();
  });

  it('adds, takes away, and stays open for more', async () => {
    const onPick = vi.fn();
    open(['JP'], onPick);
    fireEvent.click(await screen.findByRole('menuitemcheckbox', { name: 'Germany' }));
    expect(onPick).toHaveBeenLastCalledWith(['JP', 'DE']);
    const japan = screen.getByRole('menuitemcheckbox', { name: /^Japan/ });
    expect(japan.getAttribute('aria-checked')).toBe('true');
    fireEvent.click(japan);
    expect(onPick).toHaveBeenLastCalledWith([]);
  });

  it('goes back to any at once', async () => {
    const onPick = vi.fn();
    open(['JP', 'DE'], onPick);
    fireEvent.click(await screen.findByRole('menuitem', { name: 'any country' }));
    expect(onPick).toHaveBeenCalledExactlyOnceWith([]);
  });
});

describe('a product found by typing', () => {
  const ALL = [
    { slug: 'slate-pot', title: 'Slate pot', published: 12 },
    { slug: 'oat-trough', title: 'Oat trough', published: 1204 },
  ];
  /** A catalogue that finds by part of the title, as the server's does. */
  const catalogue = () =>
    office({
      'GET /api/v1/catalogue/products': ({ path }: { path: string }) => {
        const q = new URLSearchParams(path.split('?')[1]).get('q') ?? '';
        const items = ALL.filter(({ title, slug }) => `${title} ${slug}`.toLowerCase().includes(q));
        return { items, total: q ? items.length : 90, page: 1, size: 40 };
      },
    });

  it('is named by its title once that is known', async () => {
    catalogue();
    draw(<ProductPick label="Product" value="slate-pot" onPick={vi.fn()} />);
    expect(await screen.findByRole('button', { name: 'Product: Slate pot' })).toBeTruthy();
  });

  it('offers what is worth a look until something is typed', async () => {
    catalogue();
    const onPick = vi.fn();
    draw(
      <ProductPick
        label="Product"
        value={undefined}
        none="all products"
        quick={[{ slug: 'oat-trough', title: 'Oat trough', why: 'sold out' }]}
        onPick={onPick}
      />,
    );
    fireEvent.click(button('Product: all products'));
    expect(await screen.findByText('sold out')).toBeTruthy();
    expect(await screen.findByText('1,204')).toBeTruthy();
    expect(screen.getByText(/50 more/)).toBeTruthy();
    type('Name or SKU', 'slate');
    await waitFor(() => expect(screen.queryByText('sold out')).toBe(null));
  });

  it('takes at Enter what was typed, not what an earlier text had found', async () => {
    catalogue();
    const onPick = vi.fn();
    draw(<ProductPick label="Product" value={undefined} onPick={onPick} />);
    fireEvent.click(button(/^Product/));
    await screen.findByText('Slate pot');
    type('Name or SKU', 'oat');
    enter('Name or SKU');
    await waitFor(() => expect(onPick).toHaveBeenCalledExactlyOnceWith('oat-trough'));
  });

  it('takes nothing at Enter where nothing is found', async () => {
    catalogue();
    const onPick = vi.fn();
    draw(<ProductPick label="Product" value={undefined} onPick={onPick} />);
    fireEvent.click(button(/^Product/));
    type('Name or SKU', 'zebra');
    enter('Name or SKU');
    expect(await screen.findByText('No matching products.')).toBeTruthy();
    expect(onPick).not.toHaveBeenCalled();
  });
});
