import { describe, expect, it } from 'vitest';
import { USUAL_CHECK_ID } from '../finding/usualCheckId.js';
import { DRAWN, factsOfDrawn } from '../test/expert/drawnSentences.js';
import { EXPERT_CASES, factsOf, HELD_BACK, houseOf } from '../test/expert/expertCase.js';
import { sayNames as say } from '../test/expert/wordsOfPlan.js';
import { knowledge } from '../test/fixtures.js';
import { openHouse } from '../test/loosestPieces.js';
import type { Plan } from '../treatment/plan/plan.js';
import { planTreatment } from '../treatment/planTreatment.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { planText } from '../words/planLines.js';

/** The subject of a sentence, which must then be given: the piece, its cloth, or the trouble. */
const SUBJECTS: readonly (readonly [RegExp, RegExp])[] = [
  [/\bterry\b/i, /towel|bathrobe|terry|baby|nappy/i],
  [/\bshirts?\b/i, /shirt|blouse|sweat|collar/i],
  [/\bjeans\b/i, /jean|trouser/i],
  [/\b(carpet|rug)s?\b/i, /carpet|rug|mat\b|chair|sofa|seat|surface/i],
  [/\bmattress(es)?\b/i, /mattress/i],
  [/\b(sofa|armchair|upholster\w*)\b/i, /sofa|chair|seat|upholster|cushion|cover/i],
  [/\bcurtains?\b/i, /curtain|blind/i],
  [/\b(turmeric|curcumin)\b/i, /curry|curcumin|turmeric|mustard|spice/i],
  [/\bblood\b/i, /blood|haem|period/i],
  [/\bwine\b/i, /wine/i],
  [/\b(urine|nappy|nappies)\b/i, /urine|nappy|pet|baby|fluid/i],
  [/\b(deodorant|underarms?)\b/i, /sweat|deodorant|underarm|yellow/i],
  [/\brust\b/i, /rust|iron|tea|ink|yellow/i],
  [/\b(mould|mildew)\b/i, /mould|mildew|musty|sour|damp|moss/i],
  [/\bwool(len)?\b/i, /wool|felt|sheepskin|mohair|cashmere/i],
  [/\bsilk\b/i, /silk|acetate|viscose|triacetate/i],
  [/\b(feathers?|down)\b(?= (and|cover|once|pillow|duvet))/i, /down|feather|duvet|pillow/i],
  [/\bleather\b/i, /leather|suede/i],
  [/\blace\b/i, /lace/i],
  [/\b(antique|old cloth)\b/i, /antique|irreplaceable/i],
  [/\bjute\b/i, /jute|coir|sisal/i],
  [/\b(sweatband|stiffener)\b/i, /cap|hat|stiffener/i],
];
/** Words of fibres that are tools, and things that are kept away. */
const NOT_ABOUT = /cotton wool|cotton or wool|never cotton/i;

const toldIn = ({ markIds, piece }: TroubleFacts): string =>
  JSON.stringify([
    markIds.flatMap((id) => {
      const mark = knowledge.marks.find((one) => one.id === id);
      return [id, mark?.name, mark?.components.map(({ componentId }) => componentId)];
    }),
    [piece.itemId, say.name(piece.itemId ?? ''), piece.parts, piece.condition],
  ]);

/** What is asked of the tag names what such a piece may be of. */
function withoutLookAtTag(plan: Plan): string[] {
  const checks = plan.rounds.flatMap(({ passes }) => passes.flatMap((pass) => pass.checks));
  const asked = checks.find(({ id }) => id === USUAL_CHECK_ID)?.text ?? null;
  return planText(plan, say).map((line) => (asked ? line.replace(asked, '') : line));
}

/** Sentences about something that is not there. */
function strange(facts: TroubleFacts, lines: readonly string[]): string[] {
  const told = toldIn(facts);
  return lines
    .flatMap((line) => line.split(/(?<=[.;:]) /))
    .filter((part) => !NOT_ABOUT.test(part))
    .filter((part) => SUBJECTS.some(([about, of]) => about.test(part) && !of.test(told)));
}

describe('stock sentences', () => {
  it('none: what a plan speaks of is told of the piece or the trouble', () => {
    const cases = [
      ...[...EXPERT_CASES, ...HELD_BACK].map((one) => ({ facts: factsOf(one), home: houseOf(one) })),
      ...DRAWN.map((one) => ({ facts: factsOfDrawn(one), home: openHouse })),
    ];
    expect(cases.length).toBeGreaterThanOrEqual(180);
    const found = cases.flatMap(({ facts, home }) =>
      strange(facts, withoutLookAtTag(planTreatment(facts, home, knowledge))).map(
        (part) => `${facts.markIds.join()} on ${facts.piece.itemId}: ${part}`,
      ),
    );
    expect(found).toEqual([]);
  });
  it('one would be seen', () => {
    const [one] = EXPERT_CASES;
    const facts = one ? factsOf(one) : expect.unreachable();
    expect(strange(facts, ['Softener stops terry drinking. Support old cloth with a towel.'])).toHaveLength(
      2,
    );
  });
});
