import { icon, picture } from './icons';
import type { ViewContext } from './view';

/** The arrow that leads on or back, drawn as reading goes; nothing where words do. */
export function arrowTo(way: 'previous' | 'next', context: ViewContext): Element | undefined {
  const { arrow } = context;
  if (!arrow) return undefined;
  const drawn = /^https?:/.test(arrow)
    ? picture(arrow)
    : icon(arrow === 'shaft' ? 'shaft' : 'angle');
  drawn.classList.add('arrow', way);
  return drawn;
}
