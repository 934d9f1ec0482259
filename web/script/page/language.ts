/** The language of the page, else the reader's. */
export function languageOfPage(): string {
  return document.documentElement.lang || navigator.language || 'en';
}
