/** Writes the kits of `demo/layouts/`, six programs’ and one that is borrowed: `npx tsx demo/make-layouts.ts`. A test holds what is there against it. */
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { demoKits } from '@relay/core/testing/kits/demo-kits';
import type { NamedBytes } from '@relay/core/tables/open';
import { borrowedKit } from './borrowed';

const folder = fileURLToPath(new URL('layouts/', import.meta.url));

function put(id: string, files: readonly NamedBytes[]): void {
  mkdirSync(`${folder}${id}`, { recursive: true });
  for (const { name, bytes } of files) writeFileSync(`${folder}${id}/${name}`, bytes);
}

rmSync(folder, { recursive: true, force: true });
for (const { dialect, made } of await demoKits()) put(dialect.id, made.files);
put('borrowed', (await borrowedKit()).files);
