import { el } from '../../script/lib/create-element';
import type { Quote } from '../../script/lib/response-types';
import { icon } from '../shared/icons';
import { stars } from '../shared/stars';
import { country, number, say } from '../shared/text';
import type { ViewContext } from '../shared/view';

/** One quoted review; what is cut can be read whole, and where it is from stands under it. */
export function quoteOf(quote: Quote, context: ViewContext): HTMLElement {
  const mean = number(context, quote.stars, quote.stars % 1 ? 1 : 0);
  const by = [
    quote.reviewer ?? say(context, 'someone'),
    ...(quote.country ? [country(context, quote.country)] : []),
  ];
  return el(
    'figure',
    { class: quote.picture ? 'quote pictured' : 'quote' },
    quote.picture &&
      el('img', {
        class: 'quote-picture',
        src: `${context.origin}${quote.picture}?size=SMALL`,
        alt: '',
        loading: 'lazy',
        width: 96,
        height: 72,
      }),
    el(
      'blockquote',
      { lang: quote.language, dir: 'auto' },
      quote.title && el('b', {}, quote.title, ' '),
      ...words(quote, context),
    ),
    el(
      'figcaption',
      {},
      stars(quote.stars, say(context, 'rated', { mean })),
      el('span', { dir: 'auto' }, by.join(', ')),
      el(
        'span',
        { class: 'source' },
        icon(quote.origin === 'verified' ? 'verified' : 'elsewhere'),
        say(context, quote.origin),
      ),
      quote.incentive && el('span', {}, say(context, 'incentive', { what: quote.incentive })),
    ),
  );
}

function words(quote: Quote, context: ViewContext): (Node | string)[] {
  const { cut } = quote;
  if (!cut) return [el('span', {}, quote.words)];
  const text = el('span', {}, `${cut} … `);
  let isWhole = false;
  const button: HTMLElement = el(
    'button',
    {
      type: 'button',
      class: 'plain',
      'aria-expanded': 'false',
      click: () => {
        isWhole = !isWhole;
        text.textContent = isWhole ? `${quote.words} ` : `${cut} … `;
        button.textContent = say(context, isWhole ? 'less' : 'more');
        button.setAttribute('aria-expanded', String(isWhole));
      },
    },
    say(context, 'more'),
  );
  return [text, button];
}
