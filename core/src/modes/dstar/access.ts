/** How a radio addresses a site, and whether that leads beyond it. */
import { moduleOfBand } from '../../plan/modes/dstar/blanks';
import type { Site } from '../../plan/types';
import { callSignOf, padField, withModule } from './addresses';
import { DIRECT_FIELD, GATEWAY_LETTER } from '../../plan/modes/dstar/limits';

/** How a radio addresses a site: both fields are exactly eight characters. */
export interface Access {
  rpt1: string;
  rpt2: string;
}

/** Terminal use over a cable: both fields alike, no repeater asked. Common practice. */
export const DIRECT: Access = { rpt1: padField(DIRECT_FIELD), rpt2: padField(DIRECT_FIELD) };

/** A site's module to hear it; its gateway behind where the call is to leave. `module` is one letter. */
export function accessTo(callSign: string, module: string, beyond: boolean): Access {
  const rpt1 = withModule(callSign, module);
  return { rpt1, rpt2: beyond ? withModule(callSign, GATEWAY_LETTER) : rpt1 };
}

/** The module of a site; where nobody has said it, the usual one of its band is a guess. */
export function moduleFor({ rxHz, dstar }: Pick<Site, 'rxHz' | 'dstar'>): string {
  return dstar?.module || (moduleOfBand(rxHz) ?? 'B');
}

/** How a radio addresses a site of the plan. @throws Error for one without D-STAR */
export function accessAt(site: Pick<Site, 'rxHz' | 'dstar'>, beyond: boolean): Access {
  const { callSign, cable } = site.dstar!;
  return cable ? DIRECT : accessTo(callSign, moduleFor(site), beyond);
}

/** Whether a call with these fields leaves the site: RPT2 names its gateway. */
export function leaves({ rpt2 }: Access, callSign: string): boolean {
  return rpt2[rpt2.length - 1] === GATEWAY_LETTER && callSignOf(rpt2) === callSign;
}
