/** In the nightly run (`npm run nightly`), where nothing is left out. */
export const isNight = process.env.FEVERFEW_NIGHTLY !== undefined;

/** By day each nth of a list, counted from the given place (0 to nth - 1); at night the whole list. */
export const shareByDay = <T>(all: readonly T[], nth: number, from = 0): readonly T[] =>
  isNight ? all : all.filter((_, at) => at % nth === from);
