import labels from './view.css?inline';
import type { KindModule } from '../kinds';
import { label, labelHost } from './view';

export const css: KindModule['css'] = labels;
export const views: KindModule['views'] = { label };
export const host: KindModule['host'] = labelHost;
