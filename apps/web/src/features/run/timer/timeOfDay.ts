/** "09:05", as a clock on the wall has it. */
export const timeOfDay = (iso: string): string =>
  new Date(iso).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
