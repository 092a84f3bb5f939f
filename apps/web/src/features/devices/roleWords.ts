import type { DeviceRole } from '@feverfew/contracts';

/** What a device is let in for, and what that means. */
export const ROLE_WORDS: Readonly<Record<DeviceRole, { readonly name: string; readonly means: string }>> = {
  all: { name: 'Everything', means: 'plans, begins, changes the house, lets others in' },
  tub: { name: 'The tub only', means: 'carries out what is under way: taps, looks, pictures' },
  look: { name: 'Look only', means: 'sees everything, changes nothing' },
};
export const ROLES = ['all', 'tub', 'look'] as const;
