import { type DynamicModule, Global, Module } from '@nestjs/common';
import { SEAL_KEY } from '../plans/sealPlan.js';
import type { Database } from './openDatabase.js';

export const DATABASE = Symbol('database');
export const CLOCK = Symbol('clock');
export type Clock = () => Date;

@Global()
@Module({})
// biome-ignore lint/complexity/noStaticOnlyClass: Nest modules are classes
export class DatabaseModule {
  static with(db: Database, clock: Clock, sealKey: Buffer): DynamicModule {
    return {
      module: DatabaseModule,
      providers: [
        { provide: DATABASE, useValue: db },
        { provide: CLOCK, useValue: clock },
        { provide: SEAL_KEY, useValue: sealKey },
      ],
      exports: [DATABASE, CLOCK, SEAL_KEY],
    };
  }
}
