import type { HouseholdSettings } from '@feverfew/contracts';
import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactElement } from 'react';
import { FormProvider, type UseFormReturn, useForm } from 'react-hook-form';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { HOUSE, KNOWLEDGE } from '../../test/aHouse';
import { catalogueFor } from '../../test/catalogueFor';
import { show } from '../../test/inApp';
import { PeopleQuestion } from '../trouble/plan/PeopleQuestion';
import { CupboardEditor } from './CupboardEditor';
import { ProductsEditor } from './ProductsEditor';
import { VesselEditor } from './VesselEditor';
import { WaterEditor } from './WaterEditor';

const user = userEvent.setup();
// Floating windows measure themselves; nothing has a size here.
class NoSize {
  observe() {}
  unobserve() {}
  disconnect() {}
}
beforeEach(() => vi.stubGlobal('ResizeObserver', NoSize));
afterEach(cleanup);

const catalogue = catalogueFor(KNOWLEDGE);
const { agents } = catalogue;
const nameOf = (id: string) => catalogue.agents.find((agent) => agent.id === id)?.name ?? id;

/** The form that the editors of a household share. */
function edit(editor: ReactElement): UseFormReturn<HouseholdSettings> {
  let form: UseFormReturn<HouseholdSettings> | undefined;
  function Form() {
    form = useForm<HouseholdSettings>({ defaultValues: HOUSE });
    return <FormProvider {...form}>{editor}</FormProvider>;
  }
  show(<Form />);
  if (!form) throw new Error('The form was not drawn.');
  return form;
}

describe('water', () => {
  const hardness = () => screen.getByRole('textbox', { name: /^Hardness/ }) as HTMLInputElement;
  it('is as hard in every unit: 14 °dH are 250 mg/L, and a figure in °dH is kept in mg/L', async () => {
    const form = edit(<WaterEditor />);
    expect(hardness().value).toBe('250');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Unit of hardness' }), 'dH');
    // 1 °dH is 10 mg/L of CaO, as CaCO3 17.85 mg/L (DIN 38409-6).
    expect(Number(hardness().value)).toBeCloseTo(250 / 17.85, 1);
    await user.clear(hardness());
    await user.type(hardness(), '10');
    expect(form.getValues('household.hardnessMgL')).toBeCloseTo(178.5, 0);
  });
  it('takes what a test strip shows', async () => {
    const form = edit(<WaterEditor />);
    const strip = within(screen.getByRole('group', { name: /^or by a test strip/ }));
    const [softest] = strip.getAllByRole('button');
    await user.click(softest as HTMLElement);
    expect(form.getValues('household.hardnessMgL')).toBeLessThan(75);
  });
  it('that is not given is no water at 0 °C', async () => {
    const form = edit(<WaterEditor />);
    await user.clear(screen.getByRole('textbox', { name: /^Cold tap/ }));
    expect(form.getValues('household.taps.coldC')).toBeNaN();
  });
});

describe('the cupboard', () => {
  it('takes in by a tap and lets go by a tap', async () => {
    const form = edit(<CupboardEditor agents={agents} />);
    const ids = () => form.getValues('household.cupboard').map(({ agentId }) => agentId);
    await user.click(screen.getByRole('button', { name: `✓ ${nameOf('vinegar')}` }));
    expect(ids()).not.toContain('vinegar');
    await user.click(screen.getByRole('button', { name: /more$/ }));
    await user.click(screen.getByRole('button', { name: nameOf('peroxide') }));
    expect(ids()).toContain('peroxide');
  });
  it('says of a bottle without its strength that it is kept out', async () => {
    edit(<CupboardEditor agents={agents} />);
    await user.click(screen.getByRole('button', { name: /more$/ }));
    expect(screen.queryByText(/kept out of recipes/)).toBeNull();
    await user.click(screen.getByRole('button', { name: nameOf('peroxide') }));
    expect(screen.getByText(/kept out of recipes/)).toBeTruthy();
    await user.type(
      screen.getByRole('spinbutton', { name: new RegExp(`^Strength of ${nameOf('peroxide')}`) }),
      '3',
    );
    expect(screen.queryByText(/kept out of recipes/)).toBeNull();
  });
});

describe('labels of products', () => {
  it('have a dose for a wash, and per litre only with a figure for it', async () => {
    const form = edit(<ProductsEditor agents={agents} />);
    await user.selectOptions(
      screen.getByRole('combobox', { name: /^Add one of the cupboard/ }),
      'liquidDetergent',
    );
    await user.type(screen.getByRole('textbox', { name: /^dose, mL/ }), '35');
    expect(form.getValues('household.products')).toMatchObject([
      { agentId: 'liquidDetergent', labelDose: { amount: 35, unit: 'mL', perL: null } },
    ]);
    await user.click(
      screen.getByRole('button', { name: `Forget the label of ${nameOf('liquidDetergent')}` }),
    );
    expect(form.getValues('household.products')).toEqual([]);
  });
});

describe('vessels', () => {
  it('are added, named and removed', async () => {
    const form = edit(<VesselEditor />);
    await user.click(screen.getByRole('button', { name: 'Add a vessel' }));
    expect(form.getValues('household.vessels')).toHaveLength(3);
    await user.click(screen.getByRole('button', { name: 'Remove basin' }));
    expect(form.getValues('household.vessels').map(({ name }) => name)).toEqual(['bucket', 'bucket']);
  });
  it('are measured with a jug: so many jugs, so many litres', async () => {
    const form = edit(<VesselEditor />);
    await user.click(screen.getByRole('button', { name: 'Measure basin' }));
    const jug = await screen.findByRole('button', { name: 'One jug in' });
    for (let jugs = 0; jugs < 3; jugs += 1) await user.click(jug);
    await user.click(screen.getByRole('button', { name: 'One back' }));
    await user.click(screen.getByRole('button', { name: 'It is full: 2 L' }));
    expect(form.getValues('household.vessels.0.volumeL')).toBe(2);
  });
  it('whose litres were typed have no measured sides any more', async () => {
    const form = edit(<VesselEditor />);
    form.setValue('household.vessels.0.shape', { kind: 'round', topCm: 30, bottomCm: 20, depthCm: 20 });
    const [litres] = screen.getAllByRole('textbox', { name: /^Litres/ });
    await user.clear(litres as HTMLElement);
    await user.type(litres as HTMLElement, '8');
    expect(form.getValues('household.vessels.0')).toMatchObject({ volumeL: 8, shape: null });
  });
});

describe('who lives there', () => {
  it('is answered with all that were tapped, or with no one', async () => {
    const onAnswer = vi.fn();
    show(<PeopleQuestion people={['baby', 'asthma']} isSaving={false} onAnswer={onAnswer} />);
    await user.click(screen.getByRole('button', { name: 'None of these' }));
    expect(onAnswer).toHaveBeenLastCalledWith([]);
    const [baby, asthma] = screen.getAllByRole('button');
    await user.click(baby as HTMLElement);
    await user.click(asthma as HTMLElement);
    expect(screen.queryByRole('button', { name: 'None of these' })).toBeNull();
    await user.click(baby as HTMLElement);
    await user.click(screen.getByRole('button', { name: 'Keep that in mind' }));
    expect(onAnswer).toHaveBeenLastCalledWith(['asthma']);
  });
});
