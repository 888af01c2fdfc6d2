import { defineCheck } from './check';
import { eachProfile, set } from './walk';

const DECIMALS = 2;
const rounded = (degrees: number) => Number(degrees.toFixed(DECIMALS));

export const coordinatesTooPrecise = defineCheck({
  id: 'coordinates-too-precise',
  severity: 'doubtful',
  title: 'Published coordinates too precise',
  docs: {
    summary: 'A hotspot publishes its position with more than two decimals.',
    why: 'Three decimals show the house on a public map; two show the town.',
    remedy: 'Round the position to two decimals, or do not publish it.',
    source: { kind: 'common practice', name: 'two decimals of a degree are about 1.1 km' },
  },
  messages: { precise: '{site} publishes {has}; expected at most two decimals.' },
  fixes: { round: 'Round to {expects}' },
  check(index, report) {
    eachProfile(index.plan, (site, { location }, at) => {
      if (!location?.publish) return;
      const expects = { lat: rounded(location.lat), lon: rounded(location.lon) };
      if (expects.lat === location.lat && expects.lon === location.lon) return;
      const patches = [set(at('location', 'lat'), expects.lat), set(at('location', 'lon'), expects.lon)];
      report({
        message: 'precise',
        data: { site: site.name, has: `${location.lat}, ${location.lon}`, expects: `${expects.lat}, ${expects.lon}` },
        pointer: at('location'),
        subject: { siteId: site.id },
        fixes: [{ id: 'round', patches }],
      });
    });
  },
});
