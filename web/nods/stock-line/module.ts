import css from './view.css?inline';
import type { KindModule } from '../kinds';
import { stockLine } from './view';

const views: KindModule['views'] = { 'stock-line': stockLine };
export { css, views };
