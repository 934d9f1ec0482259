import css from './view.css?inline';
import type { KindModule } from '../kinds';
import { reviewTab } from './view';

const views: KindModule['views'] = { 'review-tab': reviewTab };
export { css, views };
