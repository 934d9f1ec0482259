import css from './view.css?inline';
import type { KindModule } from '../kinds';
import { visitorCount } from './view';

const views: KindModule['views'] = { 'visitor-count': visitorCount };
export { css, views };
