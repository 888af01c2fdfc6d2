/** How DMR operators read IDs and logins. */
import type { ModeWords } from '../mode';
import { formatId, formatLogin } from './addresses';

export const words: ModeWords = {
  gateway({ index, login }) {
    const { dmrId } = index.plan.station;
    return login?.suffix != null && dmrId !== null ? formatLogin(dmrId, login.suffix) : 'login';
  },
  read: (key, value) => (key === 'own-id' && typeof value === 'number' ? formatId(value) : null),
};
