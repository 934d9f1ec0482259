import css from './view.css?inline';
import type { KindModule } from '../kinds';
import { countdown } from './view';

const views: KindModule['views'] = { countdown };
export { css, views };
