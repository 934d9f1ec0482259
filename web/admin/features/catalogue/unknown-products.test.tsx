import { screen, waitFor } from '@testing-library/react';
import { beforeAll, describe, expect, it } from 'vitest';
import { choose, draw, office, pick, press } from '../../../tests/office';
import { unknownProducts } from './unknown-products';

let UnknownProducts: typeof import('./said-products').UnknownProducts;
beforeAll(async () => {
  ({ UnknownProducts } = await import('./said-products'));
});

describe('names of what was sold that the catalogue does not know', () => {
  it('are told once each, those of most lines first', () => {
    const problem = (field: string, value: string) => ({ field, value });
    expect(
      unknownProducts([
        problem('sku', 'Jar'),
        problem('sku', 'Pot'),
        problem('orderDate', 'soon'),
        problem('sku', ' '),
        problem('sku', 'Pot'),
      ]),
    ).toEqual([
      { name: 'Pot', lines: 2 },
      { name: 'Jar', lines: 1 },
    ]);
  });

  it('get the variant that is chosen of a product with several', async () => {
    const pot = { slug: 'pot', title: 'Clay pot', published: 3 };
    const { changes } = office({
      'GET /api/v1/catalogue/products': () => ({ items: [pot], page: 1, size: 40, total: 1 }),
      'GET /api/v1/catalogue/products/pot/variants': () => ({
        items: [
          { sku: 'pot-s', title: 'small' },
          { sku: 'pot-l', title: 'large' },
        ],
      }),
      'PUT /api/v1/catalogue/variant-names': () => ({}),
    });
    draw(<UnknownProducts names={[{ name: 'Topf', lines: 2 }]} />);
    await pick('Product for “Topf”', 'Clay pot');
    await screen.findByLabelText(/Variant for “Topf”/);
    expect(screen.queryByText('Use it from now on')).toBe(null);
    await choose(/Variant for “Topf”/, 'large');
    press('Use it from now on');
    await waitFor(() =>
      expect(changes().map(({ body }) => body)).toEqual([{ name: 'Topf', sku: 'pot-l' }]),
    );
  });
});
