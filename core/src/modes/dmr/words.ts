/** How DMR operators read IDs, logins, and numbers that a rule changes on the way. */
import type { ModeWords } from '../mode';
import { formatId, formatLogin } from './addresses';
import { callOf, routesOf } from './links';
import { matchingRule } from './routes/table';
import { bothNumbers } from './routes/words';

export const words: ModeWords = {
  gateway({ index, login }) {
    const { dmrId } = index.plan.station;
    return login?.suffix != null && dmrId !== null ? formatLogin(dmrId, login.suffix) : 'login';
  },
  read(key, value, context) {
    if (typeof value !== 'number') return null;
    if (key === 'own-id') return formatId(value);
    if (key !== 'number' || !context.site) return null;
    const table = routesOf(context.index, context.site.id);
    const call = { ...callOf(context), number: value };
    return bothNumbers(call, table.selection === 'several' ? matchingRule(table, call) : null);
  },
};
