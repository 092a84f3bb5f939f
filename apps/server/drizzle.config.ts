import { defineConfig } from 'drizzle-kit';

export default defineConfig({
  dialect: 'postgresql',
  schema: './src/database/tables.ts',
  out: './drizzle',
  casing: 'snake_case',
});
