import { createIntl, createIntlCache, type IntlShape } from 'react-intl';

/** The languages that the back office speaks. */
export const LANGUAGES = ['de', 'en', 'es', 'fr', 'pt'] as const;
export type OfficeLanguage = (typeof LANGUAGES)[number];

type Catalogue = Record<string, string>;

const CATALOGUES: Record<OfficeLanguage, () => Promise<{ default: Catalogue }>> = {
  de: () => import('virtual:messages/de'),
  en: () => import('virtual:messages/en'),
  es: () => import('virtual:messages/es'),
  fr: () => import('virtual:messages/fr'),
  pt: () => import('virtual:messages/pt'),
};
const CHOSEN = 'nodyes-language';

let now: IntlShape | undefined;

/** The messages and formats of the language that is spoken; loaded before anything is drawn. */
export function intl(): IntlShape {
  if (!now) throw new Error('the messages are not loaded');
  return now;
}

/** How numbers, dates and names of countries are written. */
export const locale = (): string => intl().locale;

/** The language that was chosen on this machine, else the first of the browser's that we speak. */
export function chosenLanguage(): OfficeLanguage {
  const wanted = [stored(), ...navigator.languages.map((tag) => tag.split('-')[0])];
  return LANGUAGES.find((one) => one === wanted.find((tag) => isSpoken(tag))) ?? 'en';
}

const isSpoken = (tag: string | null | undefined) => LANGUAGES.some((one) => one === tag);

/** The language of the messages that are loaded. */
export const spoken = (): OfficeLanguage =>
  LANGUAGES.find((one) => one === locale().split('-')[0]) ?? 'en';

/** Speaks another language from now on; what is on the screen is drawn anew. */
export function chooseLanguage(language: OfficeLanguage): void {
  localStorage.setItem(CHOSEN, language);
  window.location.reload();
}

/** Speaks the language that the person chose, on whichever machine that was. */
export function followLanguage(language: string | undefined): void {
  const chosen = LANGUAGES.find((one) => one === language);
  // where nothing can be kept, drawing anew would come to the same for ever
  if (chosen && chosen !== spoken() && keeps(chosen)) window.location.reload();
}

function keeps(language: OfficeLanguage): boolean {
  try {
    localStorage.setItem(CHOSEN, language);
  } catch {
    return false;
  }
  return stored() === language;
}

/** The name of a language in itself: Deutsch. */
export const autonym = (language: OfficeLanguage): string => {
  const name = new Intl.DisplayNames(language, { type: 'language' }).of(language) ?? language;
  return name.charAt(0).toLocaleUpperCase(language) + name.slice(1);
};

function stored(): string | null {
  try {
    return localStorage.getItem(CHOSEN);
  } catch {
    return null;
  }
}

/** Numbers and dates are written as where the browser is, if that speaks the language. */
const localeOf = (language: OfficeLanguage): string =>
  navigator.languages.find((tag) => tag.split('-')[0] === language && tag.includes('-')) ??
  (language === 'en' ? 'en-GB' : language);

/** Loads the messages of a language, and of no other. */
export async function load(language: OfficeLanguage): Promise<void> {
  const { default: messages } = await CATALOGUES[language]();
  const locale = localeOf(language);
  document.documentElement.lang = language;
  now = createIntl(
    {
      locale,
      defaultLocale: 'en',
      messages,
      // a text that cannot be written is a fault of ours and shows as its key
      onError: (error) => console.error(error.message),
    },
    createIntlCache(),
  );
}
