import wall from './view.css?inline';
import choosing from './choosing.css?inline';
import pictures from './pictures.css?inline';
import layouts from './layouts.css?inline';
import tab from './tab.css?inline';
import type { KindModule } from '../kinds';
import { reviewTab } from './tab';
import { reviewWall } from './view';

export const css: KindModule['css'] = wall + choosing + pictures + layouts + tab;
export const views: KindModule['views'] = { 'review-wall': reviewWall, 'review-tab': reviewTab };
