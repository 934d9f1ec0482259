import { useSay } from './toasts';

/** Copies a text, and says so; a browser may refuse, and has nothing to copy to without https. */
export function useCopy() {
  const { say } = useSay();
  return (text: string, words = 'Copied') => {
    void Promise.resolve()
      .then(() => navigator.clipboard.writeText(text))
      .then(
        () => say(words),
        () => say('The browser did not let it be copied', true),
      );
  };
}
