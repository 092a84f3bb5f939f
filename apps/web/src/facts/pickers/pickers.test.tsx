import type { Catalogue, PieceFacts, Size, TriedProduct } from '@feverfew/contracts';
import { loadKnowledge } from '@feverfew/knowledge';
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { catalogueFor } from '../../test/catalogueFor';
import { show } from '../../test/inApp';
import { BlendPicker } from './BlendPicker';
import { ColourPicker } from './ColourPicker';
import { LeftPicker } from './LeftPicker';
import { SizePicker } from './SizePicker';
import { TriedPicker } from './TriedPicker';

const catalogue = catalogueFor(loadKnowledge());
const user = userEvent.setup();
const button = (name: string | RegExp) => screen.getByRole('button', { name });
const tap = (name: string | RegExp) => user.click(button(name));
afterEach(cleanup);

describe('the fibres of a piece', () => {
  type Parts = PieceFacts['parts'];
  const told = vi.fn<(parts: Parts) => void>();
  const done = vi.fn();
  /** As its page holds it: what is changed comes back. */
  function Blend({ start = [], error = null }: { start?: Parts; error?: string | null }) {
    const [parts, setParts] = useState(start);
    const change = (next: Parts) => {
      told(next);
      setParts(next);
    };
    const usual = [{ fibreId: 'cotton', sharePct: 100 }];
    return (
      <BlendPicker
        parts={parts}
        usual={usual}
        fibres={catalogue.fibres}
        finishes={[]}
        error={error}
        onChange={change}
        onDone={done}
      />
    );
  }
  const field = () => screen.getByRole('textbox', { name: 'Blend, as on the tag' });
  const fibresTold = () =>
    told.mock.lastCall?.[0][0]?.fibres.map(({ fibreId, sharePct }) => `${fibreId} ${sharePct}`);
  afterEach(() => {
    told.mockClear();
    done.mockClear();
  });

  it('are read as on the tag, and sent once they make a whole', async () => {
    show(<Blend />);
    await user.type(field(), '60 co 40 pes');
    expect(fibresTold()).toEqual(['cotton 60', 'polyester 40']);
    const sums = told.mock.calls.map(([parts]) =>
      parts[0]?.fibres.reduce((sum, { sharePct }) => sum + sharePct, 0),
    );
    expect(new Set(sums)).toEqual(new Set([100]));
    expect(screen.getByText('makes 100 %')).toBeTruthy();
  });
  it('say what was not read, and drop nothing in silence', async () => {
    show(<Blend />);
    await user.type(field(), '-5 cotton 105 wool');
    expect(screen.getByRole('status').textContent).toBe('⚠ not read: -5 cotton');
    expect(screen.getByText('makes 105 %')).toBeTruthy();
    // Leaving the field sends what is there; the answer names the fault.
    fireEvent.blur(field());
    expect(fibresTold()).toEqual(['wool 105']);
  });
  it('are as usual with one tap, or not known with one', async () => {
    show(<Blend />);
    await tap('As usual: cotton 100 %');
    expect(fibresTold()).toEqual(['cotton 100']);
    await tap('Not known');
    expect(fibresTold()).toEqual([]);
    expect(done).toHaveBeenCalledTimes(2);
  });
  it('give way to each other when one is slid', () => {
    const start = [
      {
        name: 'whole piece',
        fibres: [
          { fibreId: 'cotton', sharePct: 50 },
          { fibreId: 'linen', sharePct: 50 },
        ],
      },
    ];
    show(<Blend start={start} />);
    fireEvent.change(screen.getByRole('slider', { name: 'Slide the share of cotton' }), {
      target: { value: '80' },
    });
    expect(fibresTold()).toEqual(['cotton 80', 'linen 20']);
  });
  it('show a fault of theirs as an alert', () => {
    show(<Blend error="The shares make 140 %." />);
    expect(screen.getByRole('alert').textContent).toContain('The shares make 140 %.');
  });
});

describe('the size of a mark', () => {
  const shown = (size: Size = 'unknown') => {
    const [change, done] = [vi.fn(), vi.fn()];
    show(<SizePicker size={size} onChange={change} onDone={done} />);
    return { change, done };
  };
  it('is one tap as a word', async () => {
    const { change, done } = shown();
    await tap('a plate');
    expect(change).toHaveBeenCalledWith('plate');
    expect(done).toHaveBeenCalledOnce();
  });
  it('is sent in cm only when both sides are there', async () => {
    const { change } = shown();
    await user.type(screen.getByLabelText('Length in cm'), '12');
    expect(change).not.toHaveBeenCalled();
    await user.type(screen.getByLabelText('Width in cm'), '4');
    expect(change).toHaveBeenLastCalledWith({ length: 12, width: 4 });
  });
});

describe('what was tried', () => {
  const vinegar: TriedProduct = {
    ...{ agentId: 'vinegar', times: 1, effect: 'unknown', hot: false, washedOut: 'unknown' },
  };
  const shown = (tried: readonly TriedProduct[]) => {
    const change = vi.fn();
    const agents = catalogue.agents as Catalogue['agents'];
    show(<TriedPicker tried={tried} agents={agents} onChange={change} onDone={vi.fn()} />);
    return change;
  };
  it('is found by its name and added with nothing assumed of it', async () => {
    const change = shown([]);
    await user.type(screen.getByRole('textbox', { name: 'Search: what was tried' }), 'vinegar');
    await user.click(
      within(screen.getByRole('group', { name: 'Add' })).getAllByRole('button')[0] ?? expect.unreachable(),
    );
    expect(change).toHaveBeenCalledWith([vinegar]);
  });
  it('takes what it did, how often, how hot and whether it is out', async () => {
    const change = shown([vinegar]);
    await tap('did nothing');
    expect(change).toHaveBeenLastCalledWith([{ ...vinegar, effect: 'nothing' }]);
    await tap('hot');
    expect(change).toHaveBeenLastCalledWith([{ ...vinegar, hot: true }]);
    await tap('yes');
    expect(change).toHaveBeenLastCalledWith([{ ...vinegar, washedOut: 'yes' }]);
    await tap('4+');
    expect(change).toHaveBeenLastCalledWith([{ ...vinegar, times: 4 }]);
  });
  it('is taken back', async () => {
    const change = shown([vinegar]);
    await tap(/^take .* back$/);
    expect(change).toHaveBeenLastCalledWith([]);
  });
});

describe('the colour', () => {
  it('asks whether it holds, but not of white', () => {
    const facts = { colour: 'dark', fastness: 'unknown' } as const;
    const view = show(<ColourPicker facts={facts} onChange={vi.fn()} onDone={vi.fn()} />);
    expect(screen.getByRole('group', { name: /^Does it hold/ })).toBeTruthy();
    view.unmount();
    show(<ColourPicker facts={{ ...facts, colour: 'white' }} onChange={vi.fn()} onDone={vi.fn()} />);
    expect(screen.queryByRole('group', { name: /^Does it hold/ })).toBeNull();
  });
});

describe('what is left of a trouble', () => {
  it('is told by what is gone, and a second tap takes it back', async () => {
    const change = vi.fn();
    const components = [
      { id: 'tannin', name: 'tannin' },
      { id: 'sugar', name: 'sugar' },
    ];
    show(<LeftPicker components={components} goneIds={['sugar']} onChange={change} onDone={vi.fn()} />);
    await tap('tannin');
    expect(change).toHaveBeenLastCalledWith(['sugar', 'tannin']);
    await tap('gone: sugar');
    expect(change).toHaveBeenLastCalledWith([]);
  });
});
