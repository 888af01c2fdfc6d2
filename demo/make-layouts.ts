/** Writes the kits of `demo/layouts/`: `npx tsx demo/make-layouts.ts`. A test holds what is there against it. */
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { demoKits } from '@relay/core/testing/kits/demo-kits';

const folder = fileURLToPath(new URL('layouts/', import.meta.url));

rmSync(folder, { recursive: true, force: true });
for (const { dialect, made } of await demoKits()) {
  mkdirSync(`${folder}${dialect.id}`, { recursive: true });
  for (const { name, bytes } of made.files) writeFileSync(`${folder}${dialect.id}/${name}`, bytes);
}
