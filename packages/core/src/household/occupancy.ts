/** What is in use just now, in minutes until it is free. The caller knows the clock; the core does not. */
export interface Occupancy {
  readonly vesselsFreeInMin: Readonly<Record<string, number>>;
  /** null = the machine is free. */
  readonly machineFreeInMin: number | null;
}

export const NOTHING_BUSY: Occupancy = { vesselsFreeInMin: {}, machineFreeInMin: null };
