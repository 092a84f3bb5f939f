const KEY = 'feverfew.marks';
const SHOWN = 4;

/** Recent marks of this device, newest first. */
export function frequentMarkIds(): string[] {
  try {
    return (JSON.parse(localStorage.getItem(KEY) ?? '[]') as string[]).slice(0, SHOWN);
  } catch {
    return [];
  }
}

export function rememberMark(markId: string): void {
  localStorage.setItem(KEY, JSON.stringify([markId, ...frequentMarkIds().filter((id) => id !== markId)]));
}

export const forgetMarks = (): void => localStorage.removeItem(KEY);
