import { type DynamicModule, Global, Module } from '@nestjs/common';
import type { Database } from './openDatabase.js';

export const DATABASE = Symbol('database');
export const CLOCK = Symbol('clock');
export type Clock = () => Date;

@Global()
@Module({})
// biome-ignore lint/complexity/noStaticOnlyClass: Nest modules are classes
export class DatabaseModule {
  static with(db: Database, clock: Clock): DynamicModule {
    return {
      module: DatabaseModule,
      providers: [
        { provide: DATABASE, useValue: db },
        { provide: CLOCK, useValue: clock },
      ],
      exports: [DATABASE, CLOCK],
    };
  }
}
