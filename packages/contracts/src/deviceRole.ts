/** What a device may do: see; see and carry out what is under way; everything. Apart from the shapes: every page asks. */
export const DEVICE_ROLES = ['look', 'tub', 'all'] as const;
export type DeviceRole = (typeof DEVICE_ROLES)[number];

/**
 * Whether one who has a role may do what asks for another.
 * @example mayDo('tub', 'all') // false
 */
export const mayDo = (has: DeviceRole, asks: DeviceRole): boolean =>
  DEVICE_ROLES.indexOf(has) >= DEVICE_ROLES.indexOf(asks);
