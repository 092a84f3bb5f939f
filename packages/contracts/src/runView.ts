import type { Plan } from '@feverfew/core';
import type { z } from 'zod';
import type { Run } from './run.js';

/** A run as sent, with the plan in the core's own type. */
export type RunView = Omit<z.infer<typeof Run>, 'plan'> & { plan: Plan };
/** A run after a tap, for a device that has its plan. */
export type AfterTap = Omit<RunView, 'plan'>;
