import { DomainError, type Household, type PieceFacts, type TroubleFacts } from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';

type Family = readonly { readonly id: string }[];

/**
 * Every id a request names must be one the knowledge has, and the part must exist.
 * @throws DomainError unknownReference with the field's path
 */
export function requireKnownFacts(facts: TroubleFacts, knowledge: Knowledge, root = ''): void {
  const needAll = (family: Family, ids: readonly string[], path: (index: number) => string): void => {
    for (const [index, id] of ids.entries()) requireKnownId(family, id, `${root}${path(index)}`);
  };
  needAll(knowledge.marks, facts.markIds, (index) => `markIds.${index}`);
  needAll(knowledge.components, facts.goneComponentIds, (index) => `goneComponentIds.${index}`);
  requireKnownPiece(facts.piece, knowledge, `${root}piece.`);
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
  requireKnownPositions(facts.positions, knowledge, `${root}positions`);
  requireKnownAnswers(facts.answers, knowledge, `${root}answers`);
  if (facts.partIndex > 0 && facts.partIndex >= facts.piece.parts.length)
    refuse(`${root}partIndex`, 'The piece has no such part.');
}

/** @throws DomainError unknownReference with the field's path */
export function requireKnownPiece(piece: PieceFacts, knowledge: Knowledge, root: string): void {
  if (piece.itemId !== null) requireKnownId(knowledge.items, piece.itemId, `${root}itemId`);
  for (const [partIndex, part] of piece.parts.entries())
    for (const [index, { fibreId }] of part.fibres.entries())
      requireKnownId(knowledge.fibres, fibreId, `${root}parts.${partIndex}.fibres.${index}.fibreId`);
}

/** @throws DomainError unknownReference */
export function requireKnownId(family: Family, id: string, path: string): void {
  if (!family.some((record) => record.id === id)) refuse(path, `"${id}" is not a name this tool knows.`);
}

export function requireKnownHousehold(household: Household, knowledge: Knowledge): void {
  for (const [index, entry] of household.cupboard.entries())
    requireKnownId(knowledge.agents, entry.agentId, `household.cupboard.${index}.agentId`);
  for (const [index, product] of household.products.entries())
    requireKnownId(knowledge.agents, product.agentId, `household.products.${index}.agentId`);
  requireKnownPositions(household.positions, knowledge, 'household.positions');
}

function requireKnownPositions(
  chosen: Readonly<Record<string, string>>,
  knowledge: Knowledge,
  path: string,
): void {
  for (const [dispute, positionId] of Object.entries(chosen))
    if (!knowledge.positions.some((position) => position.id === positionId && position.dispute === dispute))
      refuse(`${path}.${dispute}`, `"${positionId}" is no side of the dispute "${dispute}".`);
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
