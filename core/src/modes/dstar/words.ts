/** How D-STAR operators read a gateway, and what it means when only RPT2 is wrong. */
import { callSignOf } from './addresses';
import type { ModeWords } from '../mode';
import { GATEWAY_LETTER } from './limits';
import { reflectorWords, targetOf, toGateway } from './links';

export const words: ModeWords<'dstar'> = {
  shown: { radio: ['my'], air: ['duplex'], site: ['rpt1', 'direct', 'rpt2'], gateway: ['rpt2', 'family', 'link'], network: ['ur'] },
  gateway({ site }) {
    if (!site?.dstar) return 'no gateway';
    return site.dstar.cable ? 'over the cable' : `${callSignOf(site.dstar.callSign.padEnd(8, ' '))} ${GATEWAY_LETTER}`;
  },
  network({ channel }) {
    return channel.destination?.kind === 'call-sign' ? 'by call sign' : 'no reflector';
  },
  onlyHears({ index, site, channel }) {
    const target = targetOf(index.plan, channel.destination);
    if (!site?.dstar || site.dstar.cable || !target || toGateway(site.dstar, channel.dstar)) return null;
    return `you will hear ${reflectorWords(target)}, but it will not hear you: RPT2 is not the gateway`;
  },
  read: () => null,
};
