import type { Knowledge, LOAD_PROGRAMMES } from '@feverfew/knowledge';

export type LoadProgramme = (typeof LOAD_PROGRAMMES)[number];

/** One programme of this household's machine. */
export interface MachineProgramme {
  readonly id: LoadProgramme;
  readonly name: string;
  readonly capacityG: number;
  /** Temperatures it can be set to, °C, rising. */
  readonly tempsC: readonly number[];
  readonly spinRpm: number;
  /** Length at 40 °C, or at its warmest where that is less, min; and what each further 10 °C adds. */
  readonly minutes: number;
  readonly minutesPer10C: number;
  /** All the water of a full load, and what of it is heated, L. */
  readonly waterL: number;
  readonly heatedL: number;
  readonly motorKWh: number;
}

export interface Machine {
  readonly ratedG: number;
  /** Room in the drum, L. */
  readonly drumL: number;
  readonly programmes: readonly MachineProgramme[];
  /** Default: a common machine. */
  readonly guessed: boolean;
}

/** A drum holds about seven litres for each kilogram it is rated for; from memory. */
const LITRES_PER_RATED_KG = 7;

/** A common machine of this rated mass, g. */
export function commonMachine(ratedG: number, knowledge: Pick<Knowledge, 'programmeDefaults'>): Machine {
  return {
    ratedG,
    drumL: (ratedG / 1000) * LITRES_PER_RATED_KG,
    guessed: true,
    programmes: knowledge.programmeDefaults.map(
      ({ shareOfRated, mostSpinRpm, sourceIds: _sources, ...figures }) => ({
        ...figures,
        capacityG: Math.round((ratedG * shareOfRated) / 100) * 100,
        spinRpm: mostSpinRpm,
      }),
    ),
  };
}

/** Length at a temperature, min. */
export function minutesAt({ minutes, minutesPer10C, tempsC }: MachineProgramme, tempC: number): number {
  const from = Math.min(40, tempsC.at(-1) ?? 40);
  return Math.max(15, Math.round(minutes + ((tempC - from) / 10) * minutesPer10C));
}
