/** "09:05", as a clock on the wall has it. */
export const timeOfDay = (at: string | number): string =>
  new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
