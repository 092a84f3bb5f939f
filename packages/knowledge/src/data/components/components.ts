import type { SoilComponent } from '../../schema/soil.js';
import { changesOfTheCloth } from './changesOfTheCloth.js';
import { fatAndWax } from './fatAndWax.js';
import { inkPaintAndGlue } from './inkPaintAndGlue.js';
import { looseDye } from './looseDye.js';
import { mineralAndEarth } from './mineralAndEarth.js';
import { odours } from './odours.js';
import { plantAndFood } from './plantAndFood.js';
import { proteinAndBody } from './proteinAndBody.js';

/** Shares removed per round are estimates from memory, kept here and nowhere else. */
export const components: readonly SoilComponent[] = [
  ...proteinAndBody,
  ...plantAndFood,
  ...fatAndWax,
  ...inkPaintAndGlue,
  ...looseDye,
  ...mineralAndEarth,
  ...odours,
  ...changesOfTheCloth,
];
