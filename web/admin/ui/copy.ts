import { useNotify } from './toasts';
import { t } from '../shared/t';

/** Copies a text, and says so; a browser may refuse, and has nothing to copy to without https. */
export function useCopy() {
  const { say } = useNotify();
  return (text: string, words = t('ui.copy.copied')) => {
    void Promise.resolve()
      .then(() => navigator.clipboard.writeText(text))
      .then(
        () => say(words),
        () => say(t('ui.copy.yourBrowserDidNotAllow'), true),
      );
  };
}
