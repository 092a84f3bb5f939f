/** The day runs down the picture: an hour is so long, and now is here, px. */
export const HOUR_PX = 36;
export const HOURS = 11;
export const NOW_Y = 300;
export const FOOT_Y = NOW_Y + HOURS * HOUR_PX;
