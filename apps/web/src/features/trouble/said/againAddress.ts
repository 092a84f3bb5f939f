/** Name in the address under which words stand that are to be typed again. */
export const AGAIN = 'again';

/** The field again, with the same words in it. */
export const againAddress = (said: string): string => `/trouble?${new URLSearchParams({ [AGAIN]: said })}`;
