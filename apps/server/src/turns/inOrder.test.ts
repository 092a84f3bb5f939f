import { setImmediate } from 'node:timers/promises';
import { describe, expect, it } from 'vitest';
import { InOrder } from './inOrder.js';

describe('work in order', () => {
  it('is served first come, first, a few at once, also after one has failed', async () => {
    const order = new InOrder(2);
    const [begun, ended]: [number[], number[]] = [[], []];
    let atOnce = 0;
    const work = (index: number) =>
      order.take(async () => {
        begun.push(index);
        atOnce += 1;
        expect(atOnce).toBeLessThanOrEqual(2);
        for (let turn = 0; turn < 3; turn += 1) await setImmediate();
        atOnce -= 1;
        if (index === 3) throw new Error('broken');
        ended.push(index);
      });
    const all = await Promise.allSettled(Array.from({ length: 20 }, (_, index) => work(index)));
    expect(begun).toEqual(Array.from({ length: 20 }, (_, index) => index));
    expect(all.map(({ status }) => status)).toEqual(
      Array.from({ length: 20 }, (_, index) => (index === 3 ? 'rejected' : 'fulfilled')),
    );
    expect(ended).toHaveLength(19);
    await expect(order.take(async () => 'free again')).resolves.toBe('free again');
  });
  it('refuses what comes while too many wait, and no other', async () => {
    const order = new InOrder(1, 2);
    const gates: (() => void)[] = [];
    const work = () => order.take(() => new Promise<string>((done) => gates.push(() => done('done'))));
    const taken = [work(), work(), work()];
    await expect(work()).rejects.toMatchObject({ code: 'overloaded' });
    for (const one of taken) {
      gates.shift()?.();
      await expect(one).resolves.toBe('done');
    }
  });
});
