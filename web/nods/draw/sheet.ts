import base from './nod.css?inline';
import looks from './looks.css?inline';
import starLine from '../star-line/view.css?inline';
import reviewWall from '../review-wall/view.css?inline';
import wallChoosing from '../review-wall/choosing.css?inline';
import wallPictures from '../review-wall/pictures.css?inline';

let sheet: CSSStyleSheet | undefined;

/** One sheet for all nods of a page. */
export function nodSheet(): CSSStyleSheet {
  if (!sheet) {
    sheet = new CSSStyleSheet();
    sheet.replaceSync(base + looks + starLine + reviewWall + wallChoosing + wallPictures);
  }
  return sheet;
}
