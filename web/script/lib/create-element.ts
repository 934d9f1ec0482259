type Child = Node | string | null | undefined | false;
type Attributes = Record<string, string | number | boolean | undefined | ((event: Event) => void)>;

/** Makes an element; text goes in as text, so nothing from outside is ever read as markup. */
export function el(tag: string, attributes: Attributes = {}, ...children: Child[]): HTMLElement {
  const element = document.createElement(tag);
  for (const [name, value] of Object.entries(attributes)) {
    if (typeof value === 'function') element.addEventListener(name, value);
    else if (value !== undefined && value !== false) element.setAttribute(name, String(value));
  }
  element.append(...children.filter((child): child is Node | string => !!child));
  return element;
}
