import { DomainError, type Household, type TroubleFacts } from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';

type Family = readonly { readonly id: string }[];

/**
 * Every id a request names must be one the knowledge has, and the part must exist.
 * @throws DomainError unknownReference with the field's path
 */
export function requireKnownFacts(facts: TroubleFacts, knowledge: Knowledge, root = ''): void {
  const need = (family: Family, id: string | null, path: string): void => {
    if (id !== null) requireKnownId(family, id, `${root}${path}`);
  };
  const needAll = (family: Family, ids: readonly string[], path: (index: number) => string): void => {
    for (const [index, id] of ids.entries()) need(family, id, path(index));
  };
  needAll(knowledge.marks, facts.markIds, (index) => `markIds.${index}`);
  needAll(knowledge.components, facts.goneComponentIds, (index) => `goneComponentIds.${index}`);
  need(knowledge.items, facts.piece.itemId, 'piece.itemId');
  for (const [partIndex, part] of facts.piece.parts.entries())
    needAll(
      knowledge.fibres,
      part.fibres.map((share) => share.fibreId),
      (index) => `piece.parts.${partIndex}.fibres.${index}.fibreId`,
    );
  needAll(
    knowledge.agents,
    facts.tried.map((product) => product.agentId),
    (index) => `tried.${index}.agentId`,
  );
  needAll(
    knowledge.methods,
    facts.done.map((entry) => entry.methodId),
    (index) => `done.${index}.methodId`,
  );
  requireKnownSchools(facts.schools, knowledge, `${root}schools`);
  requireKnownAnswers(facts.answers, knowledge, `${root}answers`);
  if (facts.partIndex > 0 && facts.partIndex >= facts.piece.parts.length)
    refuse(`${root}partIndex`, 'The piece has no such part.');
}

/** @throws DomainError unknownReference */
export function requireKnownId(family: Family, id: string, path: string): void {
  if (!family.some((record) => record.id === id)) refuse(path, `"${id}" is not a name this tool knows.`);
}

export function requireKnownHousehold(household: Household, knowledge: Knowledge): void {
  for (const [index, entry] of household.cupboard.entries())
    requireKnownId(knowledge.agents, entry.agentId, `household.cupboard.${index}.agentId`);
  requireKnownSchools(household.schools, knowledge, 'household.schools');
}

function requireKnownSchools(
  chosen: Readonly<Record<string, string>>,
  knowledge: Knowledge,
  path: string,
): void {
  for (const [dispute, schoolId] of Object.entries(chosen))
    if (!knowledge.schools.some((school) => school.id === schoolId && school.dispute === dispute))
      refuse(`${path}.${dispute}`, `"${schoolId}" is no side of the dispute "${dispute}".`);
}

function requireKnownAnswers(
  answers: Readonly<Record<string, string>>,
  knowledge: Knowledge,
  path: string,
): void {
  const questions = knowledge.diagnoses.flatMap((diagnosis) => diagnosis.questions);
  for (const [questionId, answerId] of Object.entries(answers)) {
    const question = questions.find((candidate) => candidate.id === questionId);
    if (!question?.answers.some((answer) => answer.id === answerId))
      refuse(`${path}.${questionId}`, `"${answerId}" is no answer to that question.`);
  }
}

function refuse(path: string, message: string): never {
  throw new DomainError('unknownReference', { path, message });
}
