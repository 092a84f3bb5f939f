/** °C to °F. Exact by definition (NIST SP 811). */
export const celsiusToFahrenheit = (tempC: number): number => (tempC * 9) / 5 + 32;

/** A difference in °C as a difference in °F. */
export const celsiusStepToFahrenheit = (stepC: number): number => (stepC * 9) / 5;

/** °F to °C. Exact by definition (NIST SP 811). */
export const fahrenheitToCelsius = (tempF: number): number => ((tempF - 32) * 5) / 9;
