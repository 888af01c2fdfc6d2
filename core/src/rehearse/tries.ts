/** One setting changed at a time, to see what it does: as a plan that is otherwise the same. */
import { networkModesOf } from '../path/mode-path';
import { edit } from '../plan/edit';
import { setHang } from '../plan/hang';
import { editProfile } from '../plan/profiles';
import { hotspotsOf } from '../plan/sites';
import { rows } from '../plan/table';
import type { Plan } from '../plan/types';
import { indexPlan } from '../path/plan-index';
import type { RehearsedModes } from './mode-rehearse';

/** `links`: nothing is linked at start. `waits`: every channel waits for a free one before it sends, or none does. */
export type Try = { set: 'hang'; seconds: number } | { set: 'links' } | { set: 'waits'; waits: boolean };

/** The plan with one setting of every hotspot, or of every channel, changed. */
export function tryPlan(plan: Plan, modes: RehearsedModes, one: Try): Plan {
  const index = indexPlan(plan, { modes });
  return edit(plan, (draft) => {
    if (one.set === 'waits') {
      for (const { channels } of Object.values(draft.codeplugs))
        for (const channel of rows(channels)) modes[channel.mode].rehearse.setWaits?.(channel as never, one.waits);
      return;
    }
    for (const site of hotspotsOf(plan))
      editProfile(draft, site.id, (values) => {
        if (one.set === 'hang') setHang(values, one.seconds);
        else
          for (const mode of networkModesOf(modes))
            for (const link of mode.standing?.(index, site) ?? []) link.out(values);
      });
  }).plan;
}
