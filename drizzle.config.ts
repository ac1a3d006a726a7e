import { defineConfig } from 'drizzle-kit';

export default defineConfig({
  dialect: 'postgresql',
  schema: './server/platform/schema.ts',
  out: './server/platform/migrations',
});
