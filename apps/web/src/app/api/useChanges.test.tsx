import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { act, cleanup, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, it, vi } from 'vitest';
import { useChanges } from './useChanges';

/** A line that the test opens and speaks on. */
class FakeLine extends EventTarget {
  static last: FakeLine | null = null;
  close = vi.fn();
  constructor() {
    super();
    FakeLine.last = this;
  }
}
const open = () => act(async () => FakeLine.last?.dispatchEvent(new Event('open')));
const tell = (topic: string) =>
  act(async () =>
    FakeLine.last?.dispatchEvent(new MessageEvent('news', { data: JSON.stringify({ topic }) })),
  );

beforeEach(() => vi.stubGlobal('EventSource', FakeLine));
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

let answer = 'as it was';
let fetchToday = async () => answer;
function Page() {
  useChanges();
  const today = useQuery({ queryKey: ['today'], queryFn: () => fetchToday() });
  return <p>{today.data}</p>;
}
const show = () => {
  answer = 'as it was';
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Page />
    </QueryClientProvider>,
  );
};
const shown = async () => {
  fetchToday = async () => answer;
  show();
  await screen.findByText('as it was');
};

it('misses nothing that changed between its own fetching and the opening of the line', async () => {
  await shown();
  answer = 'changed meanwhile';
  await open();
  await screen.findByText('changed meanwhile');
});

it('fetches anew what is told, and everything when the line comes back', async () => {
  await shown();
  await open();
  answer = 'told';
  await tell('run');
  await screen.findByText('told');
  answer = 'while the line was down';
  await open();
  await screen.findByText('while the line was down');
});

it('fetches once more what was still on its way for the first time when the news came', async () => {
  let arrive: ((what: string) => void) | undefined;
  fetchToday = () =>
    new Promise((resolve) => {
      arrive = resolve;
    });
  show();
  await open();
  await tell('run');
  fetchToday = async () => 'told';
  await act(async () => arrive?.('as it was'));
  await screen.findByText('told');
});
