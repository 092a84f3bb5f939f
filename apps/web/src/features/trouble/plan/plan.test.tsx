import { readSentence, USUAL_CHECK_ID } from '@feverfew/contracts';
import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { HOUSE, KNOWLEDGE, onTablecloth, planFor } from '../../../test/aHouse';
import { catalogueFor } from '../../../test/catalogueFor';
import { show } from '../../../test/inApp';
import { PassWhy } from '../alternatives/PassWhy';
import { CupboardWarning, PlanFindings } from '../PlanFindings';
import { SaidWords } from '../said/SaidWords';
import { AssumedSize } from './AssumedSize';
import { AssumedUsual } from './AssumedUsual';
import { GoneBar } from './GoneBar';
import { LimitsLine } from './LimitsLine';
import { LookRow } from './LookRow';
import { RoundSteps } from './RoundSteps';
import { VesselPicker } from './VesselPicker';

const user = userEvent.setup();
afterEach(cleanup);

const known = { house: HOUSE, knowledge: KNOWLEDGE };
const NOTHING = { kind: 'nothing' } as const;
const NOON = Date.UTC(2026, 5, 15, 12);
const WINE = planFor(onTablecloth('redWine'));
const [ROUND] = WINE.rounds;
if (!ROUND) throw new Error('Red wine on white cotton has a round.');

describe('the steps of a round', () => {
  const steps = (onFacts = vi.fn()) =>
    show(
      <RoundSteps round={ROUND} plan={WINE} run={undefined} nowMs={NOON} on={NOTHING} onFacts={onFacts} />,
      known,
    );

  it('are one list, each with its number, its name and its minutes by hand', () => {
    steps();
    const list = within(screen.getByRole('list', { name: 'Steps of round 1' }));
    const heads = list.getAllByRole('heading', { level: 3 }).map((head) => head.textContent);
    expect(heads.filter((head) => head?.startsWith('Step '))).toHaveLength(ROUND.passes.length);
    for (const [at, { methodId, handsOnMin }] of ROUND.passes.entries()) {
      const name = KNOWLEDGE.methods.find(({ id }) => id === methodId)?.name;
      expect(heads.some((head) => head?.startsWith(`Step ${at + 1}: ${name}`))).toBe(true);
      expect(list.getAllByText(String(Math.round(handsOnMin))).length).toBeGreaterThan(0);
    }
  });
  it('open their reasons in place, one at a time as they are tapped', async () => {
    steps();
    const [why] = screen.getAllByRole('button', { name: /^Why step 1: / });
    if (!why) throw new Error('Step 1 has no button for its reasons.');
    expect(screen.queryByText('Why not hotter, longer, stronger')).toBeNull();
    await user.click(why);
    expect(why.getAttribute('aria-expanded')).toBe('true');
    expect(screen.getByText('Why not hotter, longer, stronger')).toBeTruthy();
    await user.click(why);
    expect(screen.queryByText('Why not hotter, longer, stronger')).toBeNull();
  });
  it('end with the look, and with where each answer leads', () => {
    steps();
    const { look } = ROUND;
    if (!look) throw new Error('The round has no look.');
    expect(screen.getByRole('heading', { name: /^Check, dry/ })).toBeTruthy();
    expect(screen.getByText('Worse:').parentElement?.textContent).toContain('stop');
  });
});

describe('the look', () => {
  const look = ROUND.look;
  it('leads on to a step of the first round, to a later round, or to a stop', () => {
    if (!look) throw new Error('The round has no look.');
    const first = ROUND.passes[0]?.id ?? '';
    const ways = [
      { way: 'gone', passId: null },
      { way: 'better', passId: first },
      { way: 'noChange', passId: null },
    ] as unknown as typeof look.ways;
    show(
      <LookRow
        look={{ ...look, byMark: [], ways }}
        plan={WINE}
        number={5}
        at={{ time: '12:00', day: null }}
      />,
      known,
    );
    expect(screen.getByText('Fainter:').textContent).toContain('step 1 again');
    expect(screen.getByText('No change:').textContent).toContain('stop');
    expect(screen.queryByText(/^Gone:/)).toBeNull();
  });
});

describe('how much is gone', () => {
  const share = (low: number, high: number) => ({ low, high });
  it('is a range of percent, and what was seen is said next to it', () => {
    show(<GoneBar gone={{ all: share(0.4, 0.7) } as never} prepares={false} isOutline={false} seen={0.5} />);
    expect(screen.getByText('40–70 %')).toBeTruthy();
    expect(screen.getByText('50 %')).toBeTruthy();
  });
  it('is no figure for a step that only makes way', () => {
    show(<GoneBar gone={{ all: share(0, 0) } as never} prepares isOutline={false} />);
    expect(screen.getByText('makes way for the next')).toBeTruthy();
    expect(screen.queryByText(/%/)).toBeNull();
  });
});

describe('limits', () => {
  it('stand in one line, and all of them open below it', async () => {
    show(<LimitsLine envelope={planFor(onTablecloth('redWine')).envelope} />, known);
    const line = screen.getByRole('button', { name: 'All limits of the piece' });
    expect(line.getAttribute('aria-expanded')).toBe('false');
    await user.click(line);
    expect(line.getAttribute('aria-expanded')).toBe('true');
  });
  it('name a bleach that may never be used, and no water where the piece stays dry', () => {
    const wool = onTablecloth('redWine');
    const { envelope } = planFor({
      ...wool,
      piece: {
        ...wool.piece,
        itemId: 'sweater',
        parts: [{ name: 'whole piece', fibres: [{ fibreId: 'wool', sharePct: 100 }] }],
      },
    });
    show(<LimitsLine envelope={envelope} />, known);
    const line = screen.getByRole('button', { name: 'All limits of the piece' });
    expect(line.textContent).toContain('no chlorine');
    cleanup();
    show(<LimitsLine envelope={{ ...envelope, wetting: { ...envelope.wetting, most: 'dry' } }} />, known);
    const dry = screen.getByRole('button', { name: 'All limits of the piece' });
    expect(dry.textContent).toContain('no water');
    expect(dry.textContent).not.toContain('water to');
  });
});

describe('what is taken as usual', () => {
  const untagged = onTablecloth('beetroot', { age: 'hours', wetness: 'dry' });
  const plan = planFor({ ...untagged, piece: { ...untagged.piece, label: null } });
  const tape = (onFacts = vi.fn()) => {
    show(<AssumedUsual plan={plan} onFacts={onFacts} />, known);
    return within(screen.getByRole('group', { name: /^Assuming a tag of 40.°C/ }));
  };

  it('is asked on the tape of a tag, and Yes keeps it', async () => {
    const onFacts = vi.fn();
    const asked = tape(onFacts);
    expect(asked.getByText(/its tag allows 40 °C and oxygen bleach\?/)).toBeTruthy();
    await user.click(asked.getByRole('button', { name: 'Yes' }));
    expect(onFacts).toHaveBeenCalledWith({ seen: { [USUAL_CHECK_ID]: true } });
  });
  it('is not so where there is no tag; No opens what it may be instead', async () => {
    const onFacts = vi.fn();
    const asked = tape(onFacts);
    await user.click(asked.getByRole('button', { name: 'No tag' }));
    expect(onFacts).toHaveBeenLastCalledWith({ seen: { [USUAL_CHECK_ID]: false } });
    await user.click(asked.getByRole('button', { name: 'No' }));
    await user.click(screen.getByRole('button', { name: 'Hand wash only' }));
    expect(onFacts.mock.lastCall?.[0].piece.label.wash).toEqual({ kind: 'hand' });
  });
  it('is not asked once more in the step', () => {
    const [round] = plan.rounds;
    if (!round) throw new Error('Beetroot has a round.');
    const step = (seen: Record<string, boolean> | undefined) => {
      cleanup();
      const one = { ...plan, facts: { ...plan.facts, seen } };
      show(
        <RoundSteps round={round} plan={one} run={undefined} nowMs={NOON} on={NOTHING} onFacts={vi.fn()} />,
        known,
      );
      return screen.queryAllByText(/Only if its tag allows 40 °C/).length;
    };
    expect(step(undefined)).toBe(0);
    // Answered with another tag: the step says on what it hangs.
    expect(step({ [USUAL_CHECK_ID]: false })).toBe(1);
  });
});

describe('a size that was assumed', () => {
  it('is said at the step, and a tap opens what it can be', async () => {
    const onFacts = vi.fn();
    const assumed = { code: 'sizeAssumed', facts: { lengthCm: 10, widthCm: 8 } } as never;
    show(<AssumedSize assumed={assumed} facts={onTablecloth('redWine')} onFacts={onFacts} />, known);
    await user.click(screen.getByRole('button', { name: 'Assumed size: a palm, 10 × 8 cm' }));
    await user.click(screen.getByRole('button', { name: /coin/i }));
    expect(onFacts).toHaveBeenCalledWith({ size: expect.anything() });
  });
});

describe('the vessel of a step', () => {
  const soak = WINE.rounds.flatMap(({ passes }) => passes).find(({ vessels }) => vessels.length > 1);
  if (!soak) throw new Error('No step of this plan is made in a vessel.');
  const taken = soak.actions.find(({ bath }) => bath !== null)?.vessel?.id;

  it('is the one the mix is made in; the others are one tap away, and only that step takes it', async () => {
    const onFacts = vi.fn();
    const others = soak.vessels.filter(({ vesselId }) => vesselId !== taken);
    const laid = { ...soak, vessels: soak.vessels.map((one) => ({ ...one, state: 'fits' as const })) };
    show(<VesselPicker laid={laid} facts={WINE.facts} onFacts={onFacts} />, known);
    const group = within(screen.getByRole('group', { name: 'Made in' }));
    expect(group.getAllByRole('button', { pressed: true })).toHaveLength(1);
    await user.click(group.getByRole('button', { name: `${others.length} more` }));
    await user.click(group.getByRole('button', { name: others[0]?.name ?? '' }));
    expect(onFacts.mock.lastCall?.[0].choices.vessels).toEqual({ [soak.methodId]: others[0]?.vesselId });
  });
  it('cannot be one that is too small, and says so', async () => {
    const laid = {
      ...soak,
      vessels: soak.vessels.map((one) =>
        one.vesselId === taken ? one : { ...one, state: 'tooSmall' as const },
      ),
    };
    show(<VesselPicker laid={laid} facts={WINE.facts} onFacts={vi.fn()} />, known);
    await user.click(screen.getByRole('button', { name: /more$/ }));
    for (const small of screen.getAllByRole('button', { name: /too small$/ }))
      expect((small as HTMLButtonElement).disabled).toBe(true);
  });
});

describe('remarks on the whole plan', () => {
  const plan = (...findings: object[]) => ({ ...WINE, findings }) as typeof WINE;
  it('say each danger on a line of its own, before all else', () => {
    const dangers = plan(
      { code: 'codeUnknown', facts: {}, sourceIds: [] },
      { code: 'rottenInside', facts: { by: 'mould' }, sourceIds: [] },
    );
    const { container } = show(<PlanFindings plan={dangers} />, known);
    expect(container.textContent).toMatch(/^.{0,3}First.*mould/i);
    expect(container.textContent?.match(/First/g)).toHaveLength(1);
  });
  it('say nothing where there is nothing to say', () => {
    const { container } = show(<PlanFindings plan={plan()} />, known);
    expect(container.textContent).toBe('');
  });
  it('name dangerous neighbours of one product together', () => {
    const pair = (agentBId: string) => ({
      code: 'cupboardHoldsPair',
      facts: { agentAId: 'chlorineBleach', agentBId, pairId: 'x' },
      sourceIds: [],
    });
    const { container } = show(
      <CupboardWarning plan={plan(pair('vinegar'), pair('ammonia'), pair('vinegar'))} />,
      known,
    );
    const name = (id: string) => KNOWLEDGE.agents.find((agent) => agent.id === id)?.name;
    expect(container.textContent).toContain(
      `Keep your ${name('chlorineBleach')} shut: dangerous with ${name('vinegar')} or ${name('ammonia')}.`,
    );
  });
});

describe('why this step', () => {
  it('names each part of the trouble with its share, and what holds the step back', () => {
    const pass = WINE.passes.find(({ acts, edges }) => acts.length > 0 && edges.length > 0);
    if (!pass) throw new Error('No pass of this plan says why.');
    show(<PassWhy pass={pass} />, known);
    for (const { componentId } of pass.acts)
      expect(
        screen.getByText(KNOWLEDGE.components.find(({ id }) => id === componentId)?.name ?? ''),
      ).toBeTruthy();
    expect(screen.getAllByRole('button', { name: /^Source: / })).toHaveLength(pass.edges.length);
  });
});

describe('the sentence as it was typed', () => {
  it('has a tap for each word that was understood and for each that was not', async () => {
    const onBlank = vi.fn();
    const said = 'red wine on the tablecloth flarb';
    const reading = readSentence(said, catalogueFor(KNOWLEDGE));
    show(<SaidWords said={said} reading={reading} facts={reading.facts} onBlank={onBlank} />, known);
    await user.click(screen.getByRole('button', { name: /^red wine: / }));
    expect(onBlank).toHaveBeenLastCalledWith('mark');
    await user.click(screen.getByRole('button', { name: /^flarb: not used/ }));
    // Trouble and piece are known: an unread word is most likely the cloth.
    expect(onBlank).toHaveBeenLastCalledWith('fibres');
  });
  it('strikes through what has been changed since', () => {
    const said = 'red wine on the tablecloth';
    const reading = readSentence(said, catalogueFor(KNOWLEDGE));
    const facts = { ...reading.facts, markIds: ['coffee'] };
    show(<SaidWords said={said} reading={reading} facts={facts} onBlank={vi.fn()} />, known);
    expect(screen.getByRole('button', { name: 'red wine: changed since' })).toBeTruthy();
  });
});
