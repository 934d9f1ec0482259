import badges from './view.css?inline';
import type { KindModule } from '../kinds';
import { trustBadges } from './view';

export const css: KindModule['css'] = badges;
export const views: KindModule['views'] = { 'trust-badges': trustBadges };
