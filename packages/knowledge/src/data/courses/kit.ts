/** What the courses are written with: lines, passes named once, the washes and classes of cloth, the course itself. */
export * from './cloths.js';
export { EATEN_BY_ENZYMES, HARMED_BY_ALKALI, names, notOn, ofSome, only } from './lines.js';
export { P } from './passes.js';
export { course, tell } from './written.js';
