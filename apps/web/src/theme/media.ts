/** Sizes of the window in em of the browser's own text, so that larger text counts as a smaller window. */

export const PHONE = '@media (max-width: 47.99em)';
/** A phone on its side, or text set twice as large: bars at the foot of the window give way to the page. */
export const SHORT = '@media (max-height: 30em)';
/** A phone with its text set twice as large. */
export const NARROW = '@media (max-width: 17em)';
