import type { Catalogue } from '@feverfew/contracts';
import type { Knowledge, Note } from '@feverfew/knowledge';

const textOf = (notes: readonly Note[]): string => notes.map((note) => note.text).join(' ');

/** The part of the knowledge that pickers and words need. */
export function catalogueOf(knowledge: Knowledge): Catalogue {
  const plain = ({ id, name }: { id: string; name: string }) => ({ id, name, aliases: [] });
  return {
    version: knowledge.version,
    fibres: knowledge.fibres.map(({ id, name, aliases, group }) => ({ id, name, aliases, group })),
    items: knowledge.items.map((item) => ({
      id: item.id,
      name: item.name,
      aliases: item.aliases,
      icon: item.icon,
      silhouette: item.silhouette,
      isHung: item.isHung,
      dryMassG: item.dryMassG,
      coded: item.coded,
      partNames: item.partNames,
      usualFibres: item.defaultFibres,
      note: textOf(item.notes),
    })),
    parts: knowledge.parts.map((part) => ({ ...plain(part), onAnyPiece: part.onAnyPiece, note: part.note })),
    marks: knowledge.marks.map(({ id, name, number, aliases, kind, advice, components }) => ({
      id,
      name,
      number,
      aliases,
      kind,
      advice: textOf(advice),
      componentIds: components.map((part) => part.componentId),
    })),
    agents: knowledge.agents.map(({ id, name, aliases, strength, form, grades, neverOffered, ...agent }) => ({
      id,
      name,
      aliases,
      needsStrength: strength?.mustBeKnown ?? false,
      strengthUnit: strength?.unit ?? null,
      recipePct: strength?.recipe ?? null,
      isLiquid: form === 'liquid',
      form,
      chemistries: agent.chemistries,
      shelfLife: agent.shelfLife,
      grades,
      offered: !neverOffered,
    })),
    components: knowledge.components.map(plain),
    clothKinds: knowledge.clothKinds.map(({ id, name, itemIds, weave, usualTag }) => ({
      id,
      name,
      aliases: [],
      itemIds,
      weave,
      usualTagC: usualTag?.maxC ?? null,
    })),
    hygienes: knowledge.hygienes.map(({ id, name }) => ({ id, name, aliases: [] })),
    methods: knowledge.methods.map(({ id, name, reason }) => ({ id, name, aliases: [], reason })),
    positions: knowledge.positions.map(({ id, view, dispute, isDefault, why }) => ({
      id,
      name: view,
      aliases: [],
      dispute,
      isDefault,
      why,
    })),
    disputes: knowledge.disputes,
    diagnoses: knowledge.diagnoses.map(({ id, markId, questions }) => ({
      id,
      markId,
      questions: questions.map((question) => ({
        id: question.id,
        text: question.text,
        answers: question.answers.map((answer) => ({ id: answer.id, text: answer.text })),
      })),
    })),
    substitutions: knowledge.substitutions.map(({ id, note }) => ({ id, note })),
    pairs: knowledge.forbiddenPairs.map(({ id, a, b, happens, fumes, protects }) => ({
      id,
      a,
      b,
      happens,
      fumes,
      protects,
    })),
    cautions: knowledge.cautions,
    signs: knowledge.signs,
    words: knowledge.words,
    typedWords: knowledge.typedWords,
    wordsAsTyped: knowledge.wordsAsTyped,
    namesOnlySearched: knowledge.namesOnlySearched,
    readingRules: knowledge.readingRules,
    dangers: knowledge.dangers,
    sources: knowledge.sources,
  };
}
