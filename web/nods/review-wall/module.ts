import wall from './view.css?inline';
import choosing from './filters.css?inline';
import pictures from './pictures.css?inline';
import type { KindModule } from '../kinds';
import { reviewWall, wallOf } from './view';

export const css: KindModule['css'] = wall + choosing + pictures;
export const views: KindModule['views'] = { 'review-wall': reviewWall };
export { wallOf };
