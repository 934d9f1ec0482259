import css from './view.css?inline';
import type { KindModule } from '../kinds';
import { recentOrders } from './view';

const views: KindModule['views'] = { 'recent-orders': recentOrders };
export { css, views };
