import {
  COLD_C,
  type EarlierSteps,
  type Envelope,
  type Lexicon,
  ownerWords,
  passWords,
  type RoundPass,
  waitWords,
} from '@feverfew/contracts';

/**
 * The text under the name of a step. Conditions come before the figures, what has to be bought goes with the name, and
 * the hidden test has a row of its own.
 */
export function stepLines(pass: RoundPass, say: Lexicon, earlier: EarlierSteps): string {
  const { lines, toBuy, test, conditions } = passWords(pass, say, earlier);
  return lines
    .filter((line) => (line !== test || pass.opensAfterTest) && line !== toBuy && !conditions.includes(line))
    .join(' ');
}

/** Whether a piece is tried on a hidden spot before this step. */
export const triesHiddenSpot = ({ actions }: RoundPass): boolean =>
  actions.some(({ kind }) => kind === 'hiddenTest');

/** The bath of a step, if it has one: temperature and time. */
export function waterOf(
  { phase, actions }: RoundPass,
  say: Lexicon,
): { warmth: string; time: string } | null {
  const mix = actions.find(({ bath }) => bath !== null);
  const dwell = actions.find((action) => action.dwell)?.dwell;
  if (!mix?.tempC || !dwell || phase === 'wash') return null;
  return {
    warmth: mix.tempC.target <= COLD_C ? 'cold' : say.temp(mix.tempC.target),
    time: waitWords(dwell),
  };
}

/** What holds the warmth of a bath down, where it is as warm as the piece allows: "limit: sewn-in label". */
export function limitOf({ phase, actions }: RoundPass, { tempC }: Envelope, say: Lexicon): string | null {
  const mix = actions.find(({ bath }) => bath !== null);
  const limits = [...(tempC.longSoak ? [tempC.longSoak] : []), ...tempC.limits];
  const held = limits.find(({ maxC }) => maxC === mix?.tempC?.target);
  if (!held || phase === 'wash') return null;
  return `limit: ${ownerWords(held.owner, say)}`;
}

/** Cautions of each step that no step before it has said: each once, at the first step it belongs to. */
export function cautionsByStep(
  passes: readonly Pick<RoundPass, 'cautionIds'>[],
): readonly (readonly string[])[] {
  const said = new Set<string>();
  return passes.map(({ cautionIds }) => {
    const fresh = [...new Set(cautionIds)].filter((id) => !said.has(id));
    for (const id of fresh) said.add(id);
    return fresh;
  });
}
