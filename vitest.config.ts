import { defineConfig, mergeConfig } from 'vitest/config';
import base, { APART, OFFICE, SHARED } from './vitest.base.ts';

const projects =
  process.env.UBBET_OFFICE === '1'
    ? [{ name: 'office', include: [OFFICE] }]
    : [
        { name: 'shared', ...SHARED },
        { name: 'apart', include: [APART] },
      ];

export default mergeConfig(
  base,
  defineConfig({ test: { projects: projects.map((test) => ({ extends: true as const, test })) } }),
);
