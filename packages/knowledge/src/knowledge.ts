import { z } from 'zod';
import { Agent } from './schema/agent.js';
import { Fibre } from './schema/fibre.js';
import { Caution, ForbiddenPair, School, Sign } from './schema/hazard.js';
import { Item } from './schema/item.js';
import { Method } from './schema/method.js';
import { Mark, SoilComponent } from './schema/soil.js';
import { Source } from './schema/source.js';

/** The whole body of knowledge the planner works on. */
export const Knowledge = z.strictObject({
  version: z.string(),
  sources: z.array(Source),
  fibres: z.array(Fibre),
  items: z.array(Item),
  components: z.array(SoilComponent),
  marks: z.array(Mark),
  agents: z.array(Agent),
  methods: z.array(Method),
  forbiddenPairs: z.array(ForbiddenPair),
  cautions: z.array(Caution),
  signs: z.array(Sign),
  schools: z.array(School),
});
export type Knowledge = z.infer<typeof Knowledge>;
