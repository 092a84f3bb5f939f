import type { Agent } from './schema/agent.js';
import type { Method } from './schema/method.js';

/**
 * True where amounts and products are known, so that the pH of a method's bath is worked out and need not be
 * stated.
 */
export function bathIsComputed(
  { wetting, agents: uses }: Pick<Method, 'wetting' | 'agents'>,
  agents: readonly Agent[],
): boolean {
  return (
    wetting !== 'dry' &&
    agents.every((agent) => agent.hasPH) &&
    agents.some((agent) => agent.compositionSetsPH) &&
    uses.every(({ dose }) => dose.per === 'litre' || dose.per === 'parts')
  );
}
