/** What the words need from outside: names of records and the reader's measures. No word map asks for anything else. */
export interface Lexicon {
  /** Name of any knowledge record by its id; the id itself when it is not known. */
  readonly name: (id: string) => string;
  /** "40 °C" or "104 °F". */
  readonly temp: (tempC: number) => string;
  /** "350 mL", "7 L", or cups and quarts. */
  readonly volume: (volumeML: number) => string;
  /** "53 g" or ounces; grams where it is not given. */
  readonly mass?: (massG: number) => string;
}
