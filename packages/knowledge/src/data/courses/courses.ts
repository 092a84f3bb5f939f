import type { Course } from '../../schema/course.js';
import { bodyFluids } from './bodyFluids.js';
import { combinedAndPermanentDamage } from './combinedAndPermanentDamage.js';
import { drySolids } from './drySolids.js';
import { fatAndSpice } from './fatAndSpice.js';
import { greaseAndWax } from './greaseAndWax.js';
import { groundAndGreen } from './groundAndGreen.js';
import { inkAndPaint } from './inkAndPaint.js';
import { ironMouldHeat } from './ironMouldHeat.js';
import { makeUpAndCream } from './makeUpAndCream.js';
import { milkAndSweat } from './milkAndSweat.js';
import { plantColour } from './plantColour.js';
import { runDye } from './runDye.js';
import { stiffAndSmell } from './stiffAndSmell.js';
import { things } from './things.js';
import { yellowAndGrey } from './yellowAndGrey.js';

/** How an experienced hand treats each family of troubles; one file a family group. */
export const courses: readonly Course[] = [
  ...bodyFluids,
  ...milkAndSweat,
  ...plantColour,
  ...fatAndSpice,
  ...groundAndGreen,
  ...greaseAndWax,
  ...makeUpAndCream,
  ...inkAndPaint,
  ...ironMouldHeat,
  ...runDye,
  ...drySolids,
  ...yellowAndGrey,
  ...stiffAndSmell,
  ...things,
  ...combinedAndPermanentDamage,
];
