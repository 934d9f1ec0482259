import { afterEach, describe, expect, it } from 'vitest';
import { productData } from './product-data';

const page = (html: string) => {
  document.body.innerHTML = html;
  return productData();
};
const jsonLd = (tree: unknown, id = '') =>
  `<script type="application/ld+json" id="${id}">${JSON.stringify(tree)}</script>`;

describe('products in the data of a page', () => {
  afterEach(() => (document.body.innerHTML = ''));

  it('are those at the top, in a graph or the main entity, by all that names them', () => {
    const jar = {
      '@type': 'Product',
      name: 'Jar',
      sku: 'J-1',
      gtin13: '4006381333931',
      url: '/p/jar',
    };
    const found = {
      names: ['name:Jar', 'sku:J-1', 'gtin:4006381333931'],
      url: '/p/jar',
    };
    expect(page(jsonLd(jar)).own).toEqual([found]);
    expect(page(jsonLd({ '@graph': [{ '@type': 'WebSite' }, jar] })).own).toEqual([found]);
    expect(page(jsonLd({ '@type': 'ItemPage', mainEntity: jar })).own).toEqual([found]);
    expect(page(jsonLd([{ ...jar, '@type': ['http://schema.org/Product', 'Thing'] }])).own).toEqual(
      [found],
    );
  });

  it('have the SKUs of their variants and offers, not their names', () => {
    const group = {
      '@type': 'ProductGroup',
      productGroupID: 'jar',
      hasVariant: [
        { '@type': 'Product', sku: 'J-1', name: 'Small' },
        { '@type': 'Product', sku: 'J-2', name: 'Large' },
      ],
      offers: { '@type': 'Offer', sku: 'J-3' },
    };
    expect(page(jsonLd(group)).own[0]?.names).toEqual(['id:jar', 'sku:J-1', 'sku:J-2', 'sku:J-3']);
  });

  it('that are listed, related or compared are of other pages', () => {
    const listed = {
      '@type': 'ItemList',
      itemListElement: [
        { '@type': 'ListItem', item: { '@type': 'Product', sku: 'J-1', url: '/p/jar' } },
        { '@type': 'Product', sku: 'J-2' },
      ],
    };
    const found = page(jsonLd(listed));
    expect(found.own).toEqual([]);
    expect(found.listed.map(({ names }) => names)).toEqual([['sku:J-1'], ['sku:J-2']]);
    const related = {
      '@type': 'Product',
      sku: 'J-1',
      isRelatedTo: { '@type': 'Product', sku: 'J-2' },
    };
    expect(page(jsonLd(related)).own[0]?.names).toEqual(['sku:J-1']);
  });

  it('are read from microdata; of several the one with the heading is the page’s', () => {
    const scope = (sku: string, heading: string) =>
      `<div itemscope itemtype="https://schema.org/Product">${heading}<meta itemprop="sku" content="${sku}">
      <span itemprop="brand" itemscope itemtype="https://schema.org/Brand"><b itemprop="name">Brand</b></span></div>`;
    expect(page(scope('J-1', '<h2 itemprop="name">Jar</h2>')).own).toEqual([
      { names: ['name:Jar', 'sku:J-1'], url: undefined },
    ]);
    const several = page(scope('J-1', '<h1>Jar</h1>') + scope('J-2', '') + scope('J-3', ''));
    expect(several.own.map(({ names }) => names)).toEqual([['sku:J-1']]);
    expect(several.listed.map(({ names }) => names)).toEqual([['sku:J-2'], ['sku:J-3']]);
  });

  it('are none where the data is broken, huge, deep, or ours', () => {
    const ours = jsonLd({ '@type': 'Product', sku: 'J-1' }, 'nodyes-structured');
    const broken = '<script type="application/ld+json">{"@type":"Product",</script>';
    const huge = jsonLd({ '@type': 'Product', sku: 'J-1', text: 'x'.repeat(600_000) });
    let deep: unknown = { '@type': 'Product', sku: 'J-1' };
    for (let n = 0; n < 50; n++) deep = { '@graph': deep };
    expect(page(ours + broken + huge + jsonLd(deep) + jsonLd(null) + jsonLd('Product'))).toEqual({
      own: [],
      listed: [],
    });
  });
});
