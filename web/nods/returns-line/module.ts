import css from './view.css?inline';
import type { KindModule } from '../kinds';
import { returnsLine } from './view';

const views: KindModule['views'] = { 'returns-line': returnsLine };
export { css, views };
