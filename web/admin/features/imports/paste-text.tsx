import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useUnsaved } from '../../shared/unsaved';
import { Button } from '../../ui/button';
import { paste } from './queries';
import { t } from '../../shared/t';

/** Rows, JSON or the source of a page, pasted. */
export function PasteText() {
  const navigate = useNavigate();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | undefined>();
  const [busy, setBusy] = useState(false);
  useUnsaved('pasted', text.trim() !== '' && !busy);
  const look = () => {
    setBusy(true);
    setProblem(undefined);
    paste(text)
      .then((batch) => navigate(`/reviews/bring-in/${batch.id}`))
      .catch((error: Error) => setProblem(error.message))
      .finally(() => setBusy(false));
  };
  return (
    <section className="rounded-2xl border border-line bg-paper p-5">
      <h2 className="text-lg">{t('imports.pasteText.pasteReviews')}</h2>
      <label htmlFor="pasted" className="text-ink-2">
        {t('imports.pasteText.cellsFromASpreadsheetJson')}
      </label>
      <textarea
        id="pasted"
        rows={4}
        className="mt-2 w-full rounded-lg border border-line-3 bg-white px-3 py-2"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      {problem && (
        <p role="alert" className="mt-2 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
          {problem}
        </p>
      )}
      <Button className="mt-2" disabled={!text.trim() || busy} onClick={look}>
        {busy ? t('imports.pasteText.reading') : t('imports.pasteText.continue')}
      </Button>
    </section>
  );
}
