// writes one SVG to a product into ../pictures; run by hand when a drawing changes
import { mkdirSync, writeFileSync } from 'node:fs';
import { products } from './products.mjs';

const folder = new URL('../pictures/', import.meta.url);
mkdirSync(folder, { recursive: true });
const tidy = (svg) =>
  svg.replace(/ (d|r|cy|cx|stroke-width)="[^"]*"/g, (m) => m.replace(/\.\d*0(?!\d)/g, (t) => t.replace(/0+$/, '').replace(/\.$/, '')));
for (const [slug, draw] of Object.entries(products)) {
  writeFileSync(
    new URL(`${slug}.svg`, folder),
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 400 400" width="400" height="400">${tidy(draw()).replace(/\n/g, '')}</svg>\n`,
  );
}
console.log(`${Object.keys(products).length} pictures drawn`);
