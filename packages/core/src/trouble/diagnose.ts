import type { Diagnosis, Knowledge } from '@feverfew/knowledge';

export interface Cause {
  readonly markId: string;
  /** Share of the odds, 0–1; all causes together make 1. */
  readonly share: number;
}

/** A cause below this share is left out of the plan. */
export const MIN_CAUSE = 0.1;

export const diagnosisOf = (markId: string, knowledge: Knowledge): Diagnosis | undefined =>
  knowledge.diagnoses.find((diagnosis) => diagnosis.markId === markId);

/**
 * Likeliest causes first: starting odds times the factor of every answer given, made to sum to 1 (Bayes' rule with
 * answers taken as independent). Unknown answers change nothing.
 */
export function diagnose(diagnosis: Diagnosis, answers: Readonly<Record<string, string>>): Cause[] {
  const given = diagnosis.questions.flatMap(
    (question) => question.answers.find((answer) => answer.id === answers[question.id])?.factors ?? [],
  );
  const weighed = diagnosis.causes.map(({ markId, odds }) => ({
    markId,
    weight: given
      .filter((factor) => factor.markId === markId)
      .reduce((product, { factor }) => product * factor, odds),
  }));
  const total = weighed.reduce((sum, cause) => sum + cause.weight, 0);
  return weighed
    .map(({ markId, weight }) => ({ markId, share: Math.round((1000 * weight) / total) / 1000 }))
    .sort((a, b) => b.share - a.share || a.markId.localeCompare(b.markId, 'en'));
}

export const isAnswered = (diagnosis: Diagnosis, answers: Readonly<Record<string, string>>): boolean =>
  diagnosis.questions.some((question) =>
    question.answers.some((answer) => answer.id === answers[question.id]),
  );
