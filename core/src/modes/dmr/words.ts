/** How DMR operators read IDs, logins, and numbers that a rule changes on the way. */
import type { ModeWords } from '../mode';
import { formatId, formatLogin } from './addresses';
import { carriageOf } from './carriage';
import { callOf, routesOf } from './links';
import { loginOf } from './login';
import { matchingRule } from './routes/table';
import { bothNumbers } from './routes/words';

export const words: ModeWords<'dmr'> = {
  gateway(context) {
    const { index, site } = context;
    const carriage = carriageOf(site);
    if (carriage) return carriage.networkId === null ? 'network not said' : 'linked';
    const login = loginOf(context);
    const { dmrId } = index.plan.station;
    return login?.suffix != null && dmrId !== null ? formatLogin(dmrId, login.suffix) : 'login';
  },
  read(key, value, context) {
    if (typeof value !== 'number') return null;
    if (key === 'own-id') return formatId(value);
    if (key !== 'number' || context.site?.kind !== 'hotspot') return null;
    const table = routesOf(context.index, context.site.id);
    const call = { ...callOf(context), number: value };
    return bothNumbers(call, table.selection === 'several' ? matchingRule(table, call) : null);
  },
};
