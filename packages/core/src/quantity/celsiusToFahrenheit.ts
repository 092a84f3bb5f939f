/**
 * °C to °F. Exact by definition (NIST SP 811).
 * @example celsiusToFahrenheit(40) // 104
 */
export const celsiusToFahrenheit = (tempC: number): number => (tempC * 9) / 5 + 32;

/**
 * °F to °C. Exact by definition (NIST SP 811).
 * @example fahrenheitToCelsius(104) // 40
 */
export const fahrenheitToCelsius = (tempF: number): number => ((tempF - 32) * 5) / 9;
