import { readFileSync } from 'node:fs';
import openapiTS, { astToString } from 'openapi-typescript';
import { expect, it } from 'vitest';

it('types are those of the contract', async () => {
  const contract = JSON.parse(readFileSync('src/api/openapi.json', 'utf8'));
  const written = astToString(await openapiTS(contract));
  const kept = readFileSync('src/api/schema.d.ts', 'utf8');
  expect(kept.slice(kept.indexOf('export interface paths'))).toBe(written);
}, 30_000);
