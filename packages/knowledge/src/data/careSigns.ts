/** Limits that a care label sets, as ISO 3758:2012 structures them. Temperatures in °C. */
export const HAND_WASH_MAX_C = 40;
export const WASH_TEMPS_C = [30, 40, 50, 60, 70, 95] as const;
