import quotes from './view.css?inline';
import type { KindModule } from '../kinds';
import { pickedQuotes } from './view';

export const css: KindModule['css'] = quotes;
export const views: KindModule['views'] = { 'picked-quotes': pickedQuotes };
