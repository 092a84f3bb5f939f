import type { Catalogue, HouseholdSettings, ToBuy } from '@feverfew/contracts';
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { FormProvider, useForm } from 'react-hook-form';
import { afterEach, describe, expect, it } from 'vitest';
import { HOUSE, KNOWLEDGE } from '../../../test/aHouse';
import { show } from '../../../test/inApp';
import { Cupboard } from './Cupboard';
import { answersTo, familyOf, isLow, shoppingText, wantedOf } from './cupboardView';

afterEach(cleanup);

const agents = KNOWLEDGE.agents.map((agent) => ({
  ...agent,
  needsStrength: agent.strength?.mustBeKnown ?? false,
  strengthUnit: agent.strength?.unit ?? null,
})) as unknown as Catalogue['agents'];
const pairs = KNOWLEDGE.forbiddenPairs as unknown as Catalogue['pairs'];
const agent = (id: string) => agents.find((one) => one.id === id) as Catalogue['agents'][number];

describe('the shelves of the cupboard', () => {
  it('hold one family each; chlorine is alone, whatever else is in it', () => {
    const family = (id: string) => familyOf(agent(id));
    expect(family('bioDetergent')).toBe('detergents');
    expect(family('powderWithBleach')).toBe('detergents');
    expect(family('peroxide')).toBe('oxygen');
    expect(family('citricAcid')).toBe('acids');
    expect(family('washingSoda')).toBe('sodas');
    expect(family('bakingSoda')).toBe('sodas');
    expect(family('acetone')).toBe('solvents');
    expect(family('tableSalt')).toBe('others');
    expect(family('mouldSpray')).toBe('alone');
    expect(family('chlorineBleach')).toBe('alone');
  });
  it('answer the lifted one, the worst first; it does not answer itself', () => {
    const here = ['bakingSoda', 'peroxide', 'vinegar', 'chlorineBleach', 'liquidDetergent'].map(agent);
    const answers = answersTo(agent('vinegar'), here, pairs);
    expect(answers.map((one) => `${one.agent.id} ${one.meeting.kind}`)).toEqual([
      'chlorineBleach hurts',
      'peroxide apart',
      'bakingSoda cancel',
    ]);
  });
  it('know what is low, and what is wanted but not here, with every trouble it is for', () => {
    expect(isLow({ left: 'little', openedOn: null })).toBe(true);
    expect(isLow({ left: 'half', openedOn: null })).toBe(false);
    expect(isLow(undefined)).toBe(false);
    const buy = (markIds: string[], agentIds: string[]): ToBuy => ({
      troubleId: 'a',
      pieceName: 'cloth',
      markIds,
      agentIds,
    });
    const wanted = wantedOf(
      [buy(['egg'], ['enzymeSoak', 'vinegar']), buy(['blood', 'egg'], ['enzymeSoak'])],
      agents,
      ['vinegar'],
    );
    expect(wanted.map(({ agent: { id }, markIds }) => [id, markIds])).toEqual([
      ['enzymeSoak', ['egg', 'blood']],
    ]);
    expect(shoppingText(wanted, [agent('washingSoda')], { name: (id: string) => id } as never)).toBe(
      `${agent('enzymeSoak').name} (for egg, blood)\n${agent('washingSoda').name} (low)`,
    );
  });
});

describe('a product that is lifted', () => {
  const values = { current: () => HOUSE as HouseholdSettings };
  function House() {
    const form = useForm<HouseholdSettings>({
      defaultValues: {
        ...HOUSE,
        bottles: { vinegar: { left: 'half', openedOn: null } },
        household: {
          ...HOUSE.household,
          cupboard: ['vinegar', 'chlorineBleach', 'bakingSoda'].map((agentId) => ({
            agentId,
            strengthPct: agentId === 'bakingSoda' ? null : 5,
          })),
        },
      },
    });
    values.current = form.getValues;
    return (
      <FormProvider {...form}>
        <Cupboard agents={agents} pairs={pairs} />
      </FormProvider>
    );
  }
  const lift = (name: RegExp) => fireEvent.click(screen.getByRole('button', { name }));

  it('is answered by the others on their shelves, and in words at its side', () => {
    show(<House />);
    lift(/^white distilled vinegar/);
    expect(screen.getByRole('button', { name: /poison fumes.*chlorine bleach/ })).toBeTruthy();
    expect(screen.getByRole('button', { name: /cancel out.*baking soda/ })).toBeTruthy();
    const panel = screen.getByRole('region', { name: 'white distilled vinegar' });
    expect(panel.textContent).toContain('poison fumes: gives off chlorine gas');
    lift(/^lifted/);
    expect(screen.queryByRole('button', { name: /poison fumes/ })).toBeNull();
  });
  it('takes its level, its day and its strength; a new bottle is full', () => {
    show(<House />);
    lift(/^white distilled vinegar/);
    const panel = within(screen.getByRole('region', { name: 'white distilled vinegar' }));
    fireEvent.click(panel.getByRole('button', { name: 'low' }));
    fireEvent.change(panel.getByLabelText('Opened on'), { target: { value: '2026-05-09' } });
    fireEvent.change(panel.getByLabelText(/^Strength of/), { target: { value: '6' } });
    expect(values.current().bottles.vinegar).toEqual({ left: 'little', openedOn: '2026-05-09' });
    expect(values.current().household.cupboard[0]?.strengthPct).toBe(6);
    fireEvent.click(panel.getByRole('button', { name: 'A new one, opened today' }));
    expect(values.current().bottles.vinegar?.left).toBe('full');
  });
  it('is taken out of the house', () => {
    show(<House />);
    lift(/^chlorine bleach/);
    fireEvent.click(screen.getByRole('button', { name: 'Not in the house any more' }));
    expect(values.current().household.cupboard.map(({ agentId }) => agentId)).toEqual([
      'vinegar',
      'bakingSoda',
    ]);
  });
});
