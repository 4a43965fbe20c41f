import { defineConfig } from 'drizzle-kit';

export default defineConfig({ dialect: 'sqlite', schema: './src/db/schema/tables.ts', out: './src/db/migrations' });
