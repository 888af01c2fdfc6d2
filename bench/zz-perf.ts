import { agreementOf } from '@relay/core/agreement/agreement';
import { planIndex, followingIndex } from '@relay/core/registries/modes';
import { CHECKS, runChecks } from '@relay/core/registries/checks';
import { edit } from '@relay/core/plan/edit';
import { applyPatches } from '@relay/core/plan/patches';
import { generatedPlan } from './generated-plan';
let plan = generatedPlan({ channels: 4000, sites: 60, groups: 2000 });
const t = (name: string, f: () => unknown, n = 15) => { const a: number[] = []; for (let i = 0; i < n; i++) { const s = performance.now(); f(); a.push(performance.now() - s); } a.sort((x, y) => x - y); console.log(name.padEnd(34), a[n >> 1]!.toFixed(1), 'ms', a.at(-1)!.toFixed(1)); };
t('agreement plain', () => agreementOf(plan, planIndex(plan)));
t('clone', () => structuredClone(plan));
let f = followingIndex(plan, {});
t('first following', () => { f = followingIndex(plan, {}); agreementOf(plan, f.index); }, 5);
const ids = plan.codeplugs['r']!.channels.order;
let k = 0;
const times = { edit: 0, become: 0, agree: 0 }; const n = 40;
for (let i = 0; i < n; i++) {
  const s0 = performance.now();
  const e = edit(plan, (d) => void ((d.codeplugs['r']!.channels.byId[ids[(k += 37) % 4000]!] as any).dmr.colorCode = k % 15));
  plan = e.plan; const s1 = performance.now();
  f.become(plan); const s2 = performance.now();
  agreementOf(plan, f.index); const s3 = performance.now();
  times.edit += s1 - s0; times.become += s2 - s1; times.agree += s3 - s2;
}
console.log('edit', times.edit / n, 'become', times.become / n, 'agree', times.agree / n);
const per = new Map<string, number>();
for (let i = 0; i < 20; i++) {
  plan = edit(plan, (d) => void ((d.codeplugs['r']!.channels.byId[ids[(k += 37) % 4000]!] as any).dmr.colorCode = k % 15)).plan;
  f.become(plan);
  let s = performance.now(); f.index.paths(); per.set('paths', (per.get('paths') ?? 0) + performance.now() - s);
  for (const c of CHECKS) { s = performance.now(); runChecks2(c); per.set(c.id, (per.get(c.id) ?? 0) + performance.now() - s); }
}
import { runChecks as run } from '@relay/core/checks/run';
function runChecks2(c: any) { run(f.index, [c]); }
console.log([...per].sort((a, b) => b[1] - a[1]).slice(0, 16).map(([a, b]) => `${a} ${(b / 20).toFixed(2)}`).join('\n'));
