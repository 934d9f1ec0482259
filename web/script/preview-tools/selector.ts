/** A name that a build or a list has made, and that will be another one tomorrow. */
const PASSING = /\d{3,}|^[a-z0-9]{1,2}$|[A-Z].*\d|--?\w{5,}\d|^(active|open|is-|has-|js-)/;

/**
 * A selector for an element that lasts: by its id, by an attribute made for finding it, by classes
 * that read like words, and only then by its place among others.
 */
export function selectorOf(element: Element): string {
  const own = shortest(element);
  if (lasts(own) && isOne(own)) return own;
  const path: string[] = [own];
  for (let up = element.parentElement; up && up !== document.body; up = up.parentElement) {
    const joined = `${shortest(up)} ${path[0]}`;
    if (lasts(joined) && isOne(joined)) return joined;
  }
  for (let one: Element | null = element; one && one !== document.body; one = one.parentElement) {
    path[0] = one === element ? placed(one) : `${placed(one)} > ${path[0]}`;
    if (isOne(path[0])) return path[0];
  }
  return `body > ${path[0]}`;
}

/**
 * A selector for an element and all that are like it: the innermost of which there are several
 * beside each other, each with a link, as cards of a listing are.
 */
export function selectorOfLike(element: Element): string | undefined {
  for (let one: Element | null = element; one && one !== document.body; one = one.parentElement) {
    const parent: Element | null = one.parentElement;
    if (!parent) return undefined;
    const like = shortest(one);
    const alike = [...parent.children].filter((other) => other.matches(like));
    const leads = (other: Element) => other.matches('a[href]') || other.querySelector('a[href]');
    if (alike.length < 2 || !alike.every(leads)) continue;
    const around = shortest(parent);
    return parent === document.body || !lasts(around) ? like : `${around} > ${like}`;
  }
  return undefined;
}

/** Not by the names of elements alone: the next picture or paragraph would take its place. */
const lasts = (selector: string) => /[#.[]|^(h1|main|form)$/.test(selector);

/** One on the page, or one for each product that the page names. */
function isOne(selector: string): boolean {
  const found = [...document.querySelectorAll(selector)];
  if (found.length === 1) return true;
  const products = found.map((one) => one.closest('[data-nod-product]'));
  return found.length > 0 && !products.includes(null) && new Set(products).size === found.length;
}

function shortest(element: Element): string {
  const tag = element.localName;
  if (element.id && !PASSING.test(element.id)) return `#${CSS.escape(element.id)}`;
  for (const { name, value } of element.attributes) {
    const telling = name.startsWith('data-') || name === 'itemprop' || name === 'name';
    if (telling && name !== 'data-nod-product' && value.length < 40 && !PASSING.test(value))
      return value ? `${tag}[${name}="${CSS.escape(value)}"]` : `${tag}[${name}]`;
  }
  // one class: a second often says a state that another product's page is not in
  const lasting = [...element.classList].find((one) => !PASSING.test(one));
  return lasting ? `${tag}.${CSS.escape(lasting)}` : tag;
}

function placed(element: Element): string {
  const same = [...(element.parentElement?.children ?? [])].filter(
    (one) => one.localName === element.localName,
  );
  return same.length > 1
    ? `${element.localName}:nth-of-type(${same.indexOf(element) + 1})`
    : element.localName;
}
