/** How many things are next to each other on a board, by the width of the window. */
export type Abreast = Readonly<Record<'base' | 'md' | 'lg' | 'xl', number>>;

type ByWidth = Record<keyof Abreast, string>;

const each = (abreast: Abreast, make: (count: number) => string): ByWidth => ({
  base: make(abreast.base),
  md: make(abreast.md),
  lg: make(abreast.lg),
  xl: make(abreast.xl),
});
const columns = (count: number): string => `repeat(${count}, minmax(0, 1fr))`;

/** Columns of a page of boards. */
export const pageColumns = (abreast: Abreast): ByWidth => each(abreast, columns);

/**
 * A board among others: how far it reaches, and its own columns. Rows of one board are of one length, so eight things
 * where seven have room are four and four.
 * @param count things on the board, at least 1
 */
export function boardGrid(count: number, abreast: Abreast): { gridColumn: ByWidth; inside: ByWidth } {
  const wide = (most: number) => Math.ceil(count / Math.max(1, Math.ceil(count / most)));
  return {
    gridColumn: each(abreast, (most) => `span ${wide(most)}`),
    inside: each(abreast, (most) => columns(wide(most))),
  };
}
