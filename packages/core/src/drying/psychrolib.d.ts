/** The part of psychrolib that is used; it ships no types. SI: °C, Pa, kg/m³; humidity 0–1. */
declare module 'psychrolib' {
  const psychrolib: {
    readonly SI: number;
    SetUnitSystem(system: number): void;
    /** @throws Error outside −100…200 °C */
    GetSatVapPres(tempC: number): number;
    /** @throws Error outside −100…200 °C or 0…1 */
    GetVapPresFromRelHum(tempC: number, humidity: number): number;
    GetTWetBulbFromRelHum(tempC: number, humidity: number, pressurePa: number): number;
    GetTDewPointFromRelHum(tempC: number, humidity: number): number;
    GetMoistAirDensity(tempC: number, humidityRatio: number, pressurePa: number): number;
  };
  export default psychrolib;
}
