import { z } from 'zod';

/** An id as the database writes it: in small letters, whatever letters it was sent in. */
export const Uuid = z.uuid().toLowerCase();
