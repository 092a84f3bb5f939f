import type { HouseholdSettings } from '@feverfew/contracts';
import { useEffect } from 'react';
import { type FieldPath, useForm } from 'react-hook-form';
import { ApiProblem } from '../../app/api/api';
import { useSaveHousehold } from '../../queries/householdQueries';

/** The household as one form: kept by the server, which says what is wrong and where. */
export function useHouseholdForm(start: HouseholdSettings) {
  const form = useForm<HouseholdSettings>({ defaultValues: start, shouldUnregister: false });
  const saving = useSaveHousehold();
  const { reset: forget } = saving;
  // What was said of the last keeping holds until something is changed.
  useEffect(
    () =>
      form.subscribe({
        formState: { values: true },
        callback: () => {
          forget();
          form.clearErrors();
        },
      }),
    [form, forget],
  );
  /** `told`: the household facts that count as entered after this save; null for all of them. */
  const keep = (told: HouseholdSettings['told'], onKept?: () => void) => {
    form.clearErrors();
    saving.mutate(
      { ...form.getValues(), told },
      {
        onSuccess: () => onKept?.(),
        onError: (error) => {
          if (!(error instanceof ApiProblem)) return;
          for (const [path, message] of Object.entries(error.fields))
            form.setError(path as FieldPath<HouseholdSettings>, { type: 'server', message });
        },
      },
    );
  };
  const firstFault = saving.error instanceof ApiProblem ? Object.values(saving.error.fields)[0] : undefined;
  return {
    form,
    keep,
    isPending: saving.isPending,
    isKept: saving.isSuccess,
    fault: saving.error ? (firstFault ?? saving.error.message) : null,
  };
}
