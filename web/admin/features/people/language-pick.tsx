import { api, need } from '../../shared/api';
import { autonym, chooseLanguage, LANGUAGES, spoken } from '../../shared/intl';
import { T, t } from '../../shared/t';
import { InlineSelect } from '../../ui/inline-select';
import { useNotify } from '../../ui/toasts';

interface LanguagePickProps {
  /** whether the choice is kept with the person, for other machines and e-mails */
  isKept?: boolean;
}

/** In which language the back office is read. */
export function LanguagePick({ isKept = false }: LanguagePickProps) {
  const { sayProblem } = useNotify();
  const choose = async (language: (typeof LANGUAGES)[number]) => {
    if (isKept) await need(api.PUT('/api/v1/account/language', { body: { language } }));
    chooseLanguage(language);
  };
  return (
    <p className="text-[14px] text-ink-2">
      <T
        id="session.languagePick.language"
        values={{
          pick: (
            <InlineSelect
              label={t('session.languagePick.label')}
              value={spoken()}
              choices={LANGUAGES.map((one) => ({ value: one, text: autonym(one) }))}
              onPick={(next) => void choose(next).catch(sayProblem)}
            />
          ),
        }}
      />
    </p>
  );
}
