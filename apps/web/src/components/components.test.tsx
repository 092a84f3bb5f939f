import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { RangeBars } from '../features/reference/RangeBars';
import { inApp, show } from '../test/inApp';
import { ChipRow } from './controls/ChipRow';
import { NumberBox } from './controls/NumberBox';
import { Fold } from './layout/Fold';

const user = userEvent.setup();
afterEach(cleanup);

describe('a number that is typed', () => {
  const told = vi.fn<(value: number | null) => void>();
  function Box({ start }: { start: number | null }) {
    const [value, setValue] = useState(start);
    const change = (next: number | null) => {
      told(next);
      setValue(next);
    };
    return <NumberBox label="Litres" value={value} onChange={change} />;
  }
  const field = () => screen.getByRole('textbox', { name: /^Litres/ }) as HTMLInputElement;
  afterEach(() => told.mockClear());

  it('takes a comma as a point, and keeps what was typed', async () => {
    show(<Box start={null} />);
    await user.type(field(), '2,5');
    expect(told).toHaveBeenLastCalledWith(2.5);
    expect(field().value).toBe('2,5');
  });
  it('says that letters are no number, and tells nothing', async () => {
    show(<Box start={null} />);
    await user.type(field(), 'two');
    expect(told).not.toHaveBeenCalled();
    expect(screen.getByRole('alert').textContent).toContain('Not a number.');
    expect(field().getAttribute('aria-invalid')).toBe('true');
  });
  it('is nothing once it is emptied', async () => {
    show(<Box start={7} />);
    await user.clear(field());
    expect(told).toHaveBeenLastCalledWith(null);
  });
  it('follows what comes from elsewhere', () => {
    const view = show(<NumberBox label="Litres" value={7} onChange={told} />);
    view.rerender(inApp(<NumberBox label="Litres" value={9} onChange={told} />));
    expect(field().value).toBe('9');
  });
});

describe('a fold', () => {
  const head = () => screen.getByRole('button', { name: /^Keep in mind/ });
  it('opens and shuts in place, and says which it is', async () => {
    show(<Fold title="Keep in mind">the rest</Fold>);
    expect(screen.queryByText('the rest')).toBeNull();
    await user.click(head());
    expect(head().getAttribute('aria-expanded')).toBe('true');
    expect(screen.getByText('the rest')).toBeTruthy();
    await user.click(head());
    expect(screen.queryByText('the rest')).toBeNull();
  });
  it('opens by itself for what asks to be seen', () => {
    const view = show(<Fold title="Keep in mind">the rest</Fold>);
    view.rerender(
      inApp(
        <Fold title="Keep in mind" wanted>
          the rest
        </Fold>,
      ),
    );
    expect(screen.getByText('the rest')).toBeTruthy();
  });
  it('is on paper in full, also when it is shut', () => {
    show(
      <Fold title="Keep in mind" printed>
        the rest
      </Fold>,
    );
    expect(head().getAttribute('aria-expanded')).toBe('false');
    expect(screen.getByText('the rest')).toBeTruthy();
  });
});

describe('a row of choices', () => {
  it('is a group with a name, and says which is chosen', async () => {
    const choose = vi.fn();
    const options = [
      { value: 1, text: 'one' },
      { value: 2, text: 'two' },
    ];
    show(<ChipRow label="How often?" options={options} chosen={2} onChoose={choose} />);
    expect(screen.getByRole('group', { name: 'How often?' })).toBeTruthy();
    expect(screen.getByRole('button', { pressed: true }).textContent).toBe('two');
    await user.click(screen.getByRole('button', { name: 'one' }));
    expect(choose).toHaveBeenCalledWith(1);
  });
});

describe('ranges as bars', () => {
  it('say a range in figures, and a plain share where it starts at nothing', () => {
    const bars = [
      { key: 'a', name: 'tannin', low: 0, high: 0.6 },
      { key: 'b', name: 'sugar', low: 0.2, high: 0.456 },
    ];
    show(<RangeBars bars={bars} />);
    expect(screen.getByText('60 %')).toBeTruthy();
    expect(screen.getByText('20–46 %')).toBeTruthy();
  });
});
