/** What was typed before the page could run. */
export interface EarlyWords {
  readonly words: string;
  /** Enter was pressed. */
  readonly isSent: boolean;
  readonly hasFocus: boolean;
}

/** Pages that have the field; `early.js` shows it on these. */
export const EARLY_PATHS: readonly string[] = ['/', '/trouble'];

const earlyForm = (): HTMLElement | null => document.getElementById('early');

/** Reads the field of `index.html`, which takes words while the scripts are still on their way. */
export function readEarlyWords(): EarlyWords {
  const form = earlyForm();
  const field = form?.querySelector('input') ?? null;
  return {
    words: field?.value ?? '',
    isSent: form?.dataset.sent !== undefined,
    hasFocus: field !== null && document.activeElement === field,
  };
}

/** The field of the page has taken over. */
export const removeEarlyField = (): void => earlyForm()?.remove();
