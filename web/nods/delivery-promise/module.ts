import css from './view.css?inline';
import type { KindModule } from '../kinds';
import { deliveryPromise } from './view';

const views: KindModule['views'] = { 'delivery-promise': deliveryPromise };
export { css, views };
