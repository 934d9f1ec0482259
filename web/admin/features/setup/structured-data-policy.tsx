import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { InlineSelect, type Choice } from '../../ui/inline-select';
import { useNotify } from '../../ui/toasts';
import { api, need } from '../../shared/api';
import { T, t } from '../../shared/t';

const COUNTED: Choice<'own' | 'all'>[] = [
  { value: 'own', text: t('setup.reviewForm.reviewsWrittenInThisShop') },
  { value: 'all', text: t('setup.reviewForm.importedReviewsToo') },
];

/** What machines that read the page are told. */
export function StructuredDataPolicy() {
  const queries = useQueryClient();
  const { say, sayProblem } = useNotify();
  const rule = useQuery({
    queryKey: ['markup-rule'],
    queryFn: () => need(api.GET('/api/v1/structured-data-policy')),
  });
  const save = useMutation({
    mutationFn: (countsBroughtIn: boolean) =>
      need(api.PUT('/api/v1/structured-data-policy', { body: { countsBroughtIn } })),
    onSuccess: (kept) => {
      queries.setQueryData(['markup-rule'], kept);
      say(t('setup.reviewForm.saved'));
    },
    onError: sayProblem,
  });
  if (!rule.data) return null;
  return (
    <p className="mt-5 border-t border-line pt-3 text-[15px] leading-8 text-ink-2">
      <T
        id="setup.reviewForm.inStructuredDataForSearch"
        values={{
          pick: (
            <InlineSelect
              label={t('setup.reviewForm.countedInStructuredData')}
              value={rule.data.countsBroughtIn ? 'all' : 'own'}
              choices={COUNTED}
              onPick={(value) => save.mutate(value === 'all')}
            />
          ),
          countsBroughtIn:
            rule.data.countsBroughtIn &&
            ` ${t('setup.reviewForm.countingReviewsFromElsewhereMay')}`,
        }}
      />
    </p>
  );
}
