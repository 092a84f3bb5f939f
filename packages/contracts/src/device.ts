import { z } from 'zod';
import { DEVICE_ROLES } from './deviceRole.js';
import { Uuid } from './uuid.js';

const DeviceRole = z.enum(DEVICE_ROLES);

export const MAX_DEVICES = 60;
const DeviceName = z.string().trim().min(1).max(40);

/** Who asks: this computer itself, which may do everything, or a device that was let in. */
export const Requester = z
  .strictObject({ deviceId: Uuid.nullable(), name: z.string(), role: DeviceRole })
  .meta({ id: 'Requester' });
export type Requester = z.infer<typeof Requester>;

export const Device = z
  .strictObject({
    id: Uuid,
    name: z.string(),
    role: DeviceRole,
    letInAt: z.iso.datetime(),
    lastSeenAt: z.iso.datetime(),
  })
  .meta({ id: 'Device' });
export type Device = z.infer<typeof Device>;

export const ChangedDevice = z
  .strictObject({ name: DeviceName, role: DeviceRole })
  .meta({ id: 'ChangedDevice' });
export type ChangedDevice = z.infer<typeof ChangedDevice>;

/**
 * The role of the next device that comes with the key or the code. Both are shown only this once and hold for
 * minutes.
 */
export const Invitation = z
  .strictObject({
    id: Uuid,
    name: z.string(),
    role: DeviceRole,
    /** 32 random bytes, base64url: for a picture that a camera reads. */
    key: z.string(),
    /** For a hand: eight signs, two of which are never taken for each other. */
    code: z.string(),
    /** How long they hold, ms. */
    holdsMs: z.number().int(),
  })
  .meta({ id: 'Invitation' });
export type Invitation = z.infer<typeof Invitation>;

/** A key read by a camera, or a code typed by a person. */
export const JoinHouse = z
  .union([
    z.strictObject({ key: z.string().min(1).max(100) }),
    z.strictObject({ code: z.string().min(1).max(40) }),
  ])
  .meta({ id: 'JoinHouse' });
export type JoinHouse = z.infer<typeof JoinHouse>;

/** One way other devices reach this house. */
export const HouseAddress = z.strictObject({ url: z.string(), isSafe: z.boolean() });
export type HouseAddress = z.infer<typeof HouseAddress>;

export const HouseNetwork = z
  .strictObject({
    isOpen: z.boolean(),
    /** None while it is shut. The address that most devices reach comes first. */
    addresses: z.array(HouseAddress),
    /** SHA-256 of the household's root certificate, to compare on a device; null until there is one. */
    rootFingerprint: z.string().nullable(),
    /** Why it is not open, or not by https, where that was wanted. */
    fault: z.string().nullable(),
  })
  .meta({ id: 'HouseNetwork' });
export type HouseNetwork = z.infer<typeof HouseNetwork>;

export const OpenNetwork = z.strictObject({ isOpen: z.boolean() }).meta({ id: 'OpenNetwork' });
export type OpenNetwork = z.infer<typeof OpenNetwork>;
