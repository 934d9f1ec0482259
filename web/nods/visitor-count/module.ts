import css from './view.css?inline';
import type { KindModule } from '../kinds';
import { visitorCount } from './view';

const views: KindModule['views'] = { 'visitor-count': visitorCount };
// silent until its number comes
const host = (element: HTMLElement) => element.toggleAttribute('data-silent', true);
export { css, host, views };
