import { applyRunEvent } from '../run/applyRunEvent.js';
import { currentAction } from '../run/next/stepOn.js';
import type { Choice, LookAnswer, RunEvent } from '../run/runEvent.js';
import type { RunState } from '../run/runState.js';
import type { Plan } from '../treatment/plan/plan.js';

/** A run that is gone through step by step; what a look says, and what is decided then, is asked of the caller. */
export class Walk {
  readonly events: RunEvent[] = [];
  readonly plan: Plan;
  state: RunState;
  constructor(plan: Plan, passIndex = 0) {
    this.plan = plan;
    const started = { kind: 'started', at: this.at(), passIndex } as const;
    const begun = applyRunEvent(null, started, plan);
    if (!begun.ok) throw new Error(begun.refusal);
    this.events.push(started);
    this.state = begun.state;
  }
  private at(): string {
    return new Date(Date.UTC(2026, 10, 24, 8, this.events.length)).toISOString();
  }
  get kind(): string | undefined {
    return currentAction(this.state, this.plan)?.kind;
  }
  get methodId(): string | undefined {
    return this.plan.passes[this.state.passIndex]?.methodId;
  }
  send(event: RunEvent extends infer E ? (E extends RunEvent ? Omit<E, 'at'> : never) : never): this {
    const whole = { ...event, at: this.at() } as RunEvent;
    const next = applyRunEvent(this.state, whole, this.plan);
    if (!next.ok) throw new Error(`${next.refusal} at ${this.methodId} ${this.kind}`);
    this.events.push(whole);
    this.state = next.state;
    return this;
  }
  done(): this {
    return this.send({ kind: 'actionDone', actionId: currentAction(this.state, this.plan)?.id ?? '' });
  }
  upToLook(): this {
    while (this.kind !== 'look' && this.kind !== 'finalLook') this.done();
    return this;
  }
  look(answer: LookAnswer, choice: Choice): this {
    return this.upToLook().send({ kind: 'looked', answer, leftPct: null }).send({ kind: 'decided', choice });
  }
  upToTheEnd(answer: LookAnswer = 'moving'): this {
    while (this.upToLook().kind === 'look') this.look(answer, 'continue');
    return this;
  }
  /** A level for each trouble, and what is decided on it. */
  lookAt(left: Readonly<Record<string, number>>, choice: Choice): this {
    const marks = Object.entries(left).map(([markId, leftPct]) => ({ markId, leftPct }));
    return this.upToLook()
      .send({ kind: 'looked', answer: null, leftPct: null, marks })
      .send({ kind: 'decided', choice });
  }
  /** To the dry look of the round, with these levels entered at every look before it. */
  lookingUpToTheEnd(left: Readonly<Record<string, number>>): this {
    while (this.upToLook().kind === 'look') this.lookAt(left, 'continue');
    return this;
  }
  get passId(): string | null | undefined {
    return this.plan.passes[this.state.passIndex]?.passId;
  }
  get actionId(): string {
    return currentAction(this.state, this.plan)?.id ?? '';
  }
}
