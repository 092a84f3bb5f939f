/** Figures of available oxygen. Molar masses from standard atomic weights. */

/** Grams of available oxygen per gram of hydrogen peroxide: 15.999 / 34.0147. */
export const OXYGEN_PER_PEROXIDE = 0.47036;
/** Litres of oxygen at 0 °C and 1 atm per gram of peroxide, ½ mol O₂ per mol: 22.414 / 2 / 34.0147. */
export const OXYGEN_L_PER_G_PEROXIDE = 0.32948;
/**
 * Activation energy of peroxygen bleaching, kJ/mol: 50–80 in the literature (from memory); the middle doubles the
 * rate per 10 °C.
 */
export const BLEACH_ACTIVATION_KJ = { low: 50, centre: 65, high: 80 } as const;
/** Half-life of the oxygen in an alkaline soak at 40 °C with cloth in it, hours. Estimate from memory. */
export const SOAK_HALF_LIFE_H = { low: 2.5, centre: 5, high: 9 } as const;
/**
 * Share of its strength a 3 % bottle loses a month once opened, kept dark. Estimate from memory ("about six
 * months").
 */
export const OPENED_LOSS_PER_MONTH = { low: 0.01, centre: 0.03, high: 0.08 } as const;
/** Below this an oxygen bath without an activator is poor company, °C. Common practice, no source. */
export const OXYGEN_POOR_BELOW_C = 30;
