import { Knowledge } from '@feverfew/knowledge';

/** The whole body of knowledge as the reference screens read it, each fact with its sources. */
export const Reference: typeof Knowledge = Knowledge.meta({ id: 'Reference' });
export type Reference = Knowledge;
