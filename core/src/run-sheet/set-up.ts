/**
 * The steps that set a new hotspot up from nothing, as the plan has it. The order is common practice: a copy first, its
 * own access point and then yours, identity before frequency, the password before anything is reached from outside, one
 * mode and one network at a time with a test after each, the offset once something is heard, a copy of what works, and
 * how to shut it down. Only what applies is in it.
 */
import { networkModesOf } from '../path/mode-path';
import type { PlanIndex } from '../path/types';
import { listensFor } from '../plan/carriage';
import { rows } from '../plan/table';
import type { Hotspot, Id, ProfileValues } from '../plan/types';
import { settingsOf } from '../settings/all';
import type { SettingModes } from '../settings/all';
import { fingerprintOf } from '../settings/fingerprint';
import type { Section, Setting } from '../settings/setting';
import { settingWords, signed } from '../settings/words';
import type { RunSheetModes } from './run-sheet';
import type { Step } from './step';

/** Boot about 70 s, first start about two minutes: common practice. */
const BOOT_S = 70;
const FIRST_START_MIN = 2;
/** Common practice: two decimals of a degree are about 1.1 km. */
const DECIMALS = 2;

type SetUpModes = RunSheetModes & SettingModes;

interface About {
  index: PlanIndex;
  modes: SetUpModes;
  site: Hotspot;
  values: ProfileValues;
  settings: Setting[];
}

/** Settings with something said, as rows of label and value; passwords are left out. */
function valuesOf({ settings }: About, wanted: (one: Setting) => boolean): { label: string; text: string }[] {
  return settings
    .filter((one) => wanted(one) && one.kind !== 'rows' && (one.value !== null || one.lackWords !== undefined))
    .filter((one) => one.value !== '')
    .map((one) => ({ label: one.title, text: settingWords(one, { passwords: false }) }));
}

const inSection =
  (...sections: Section[]) =>
  (one: Setting) =>
    sections.includes(one.section);
const withId =
  (...ids: string[]) =>
  (one: Setting) =>
    ids.includes(one.id);

function copyFirst({ index, site }: About): Step[] {
  if (site.backup && site.backup.of === fingerprintOf(index.plan, site.id)) return [];
  return [
    {
      id: 'copy',
      title: 'Keep a copy of the card first',
      todo: ['Switch it off, take the card out and copy all of it to a computer; or save its settings from its page.'],
      proof: 'The copy opens, and is as large as the card.',
      ifNot: ['A card that cannot be copied is failing: begin with a new one.'],
    },
  ];
}

function firstStart(about: About): Step {
  const { values } = about;
  const networks = rows(values.wifi).filter((one) => one.name !== '');
  return {
    id: 'first-start',
    title: 'Start it without a network, then give it yours',
    todo: [
      `Screw the aerial on before power. The first start takes about ${FIRST_START_MIN} minutes, later ones about ${BOOT_S} s.`,
      'Without a network that it knows it opens an access point of its own: join that with a phone or computer and open its page.',
      networks.length > 0
        ? 'Enter your networks there, and let it start again.'
        : 'Enter the name and password of your own network there, and let it start again.',
    ],
    values: [
      ...networks.map((one) => ({ label: `Wi-Fi${one.place ? ` (${one.place})` : ''}`, text: one.name })),
      ...valuesOf(about, withId('host-name', 'time-zone', 'language')),
    ],
    proof: `Its page opens from your own network${values.hostName ? `, under ${values.hostName}` : ''}.`,
    ifNot: [
      `No screen after ${FIRST_START_MIN} minutes: another supply and cable, then the card again; a dark screen may be of another kind than its settings say.`,
      'Not found by its name: look in the router which address it was given.',
    ],
  };
}

function identity(about: About): Step {
  return {
    id: 'identity',
    title: 'Its identity',
    todo: ['Enter it before any mode or network: nothing of yours may go on the air without your call sign.'],
    values: valuesOf(about, withId('call-sign', 'dmr-id', 'dstar-call-sign', 'dstar-module')),
    proof: 'Its page shows your call sign.',
  };
}

function frequency(about: About): Step {
  const { values } = about;
  const { rxHz, txHz } = values.frequencies;
  return {
    id: 'frequency',
    title: rxHz === txHz ? 'Its frequency' : 'Its pair of frequencies',
    todo: [
      'Listen on it for a while first. Transmit only where your licence and your national rules allow, also unattended.',
      ...(rxHz === txHz
        ? ['One frequency for both ways.']
        : [
            'What it listens on is what your radio sends on: look twice, programming it from the other side is the classic fault.',
          ]),
    ],
    values: valuesOf(about, withId('frequency-tx', 'frequency-rx', 'power')),
    proof: 'Its page shows the frequency, and after applying still does.',
  };
}

function position(about: About): Step[] {
  const { location } = about.values;
  if (!location) return [];
  const short = (degrees: number) => String(Number(degrees.toFixed(DECIMALS)));
  return [
    {
      id: 'position',
      title: 'Its position, with few decimals',
      todo: ['Two decimals are about 1.1 km; three, about 110 m, show your house to everybody.'],
      values: [
        { label: 'Latitude', text: short(location.lat) },
        { label: 'Longitude', text: short(location.lon) },
        { label: 'Published', text: location.publish ? 'yes' : 'no' },
      ],
      proof: 'A public map, if it is on one, shows the town and not the street.',
    },
  ];
}

function access({ values }: About): Step {
  return {
    id: 'password',
    title: values.adminPassword === 'changed' ? 'Its password is changed: keep it so' : 'Change its password',
    todo: [
      'Change the password that it was delivered with, of its page and of its system.',
      'Keep the page off the open internet: no port of your router leads to it.',
      ...(values.remoteCommands === false ? ['Switch commands by radio off.'] : []),
    ],
    proof: 'The old password is refused; from outside your network the page does not open.',
  };
}

/** Each mode that is on, one after the other, and what shows that it works. */
function modesOn(about: About): Step[] {
  const { index, site, values } = about;
  const on = networkModesOf(index.modes).filter(({ id }) => site[id] !== null && listensFor(values, id));
  return on.flatMap((mode, at): Step[] => {
    const mine = (one: Setting) => inSection('modes', 'at start')(one) && one.id.startsWith(`${mode.id}-`);
    const radio = rows(index.plan.radios).find((one) => one[mode.id] !== null);
    return [
      {
        id: `mode-${mode.id}`,
        title: at === 0 ? `One mode: ${mode.name}, alone` : `Then ${mode.name}`,
        todo: [
          at === 0 ? 'Switch every other mode off.' : `Leave ${on[at - 1]!.name} on: it works.`,
          'Apply section by section; give it time to start again.',
          `Key up ${radio ? radio.name : 'a radio'} for about two seconds at low power, the aerial away from head and eyes.`,
        ],
        values: [
          ...(at === 0 ? valuesOf(about, (one) => one.section === 'hang times' && one.value !== null) : []),
          ...valuesOf(about, mine),
        ],
        proof: 'Its page or screen shows the mode and your call sign or ID while you key.',
        ifNot: [
          'Nothing is shown: the frequency and shift in the radio, then its code, then the receive offset: the receiver may be deaf beside its frequency.',
          'It shows another mode: that one caught the signal; wait until it scans again.',
        ],
      },
    ];
  });
}

function offset(about: About): Step[] {
  const { site, values } = about;
  const said = [values.rxOffsetHz, values.txOffsetHz, site.labelOffsetHz].some((one) => one !== null && one !== 0);
  if (!said) return [];
  return [
    {
      id: 'offset',
      title: 'Its offset, from the label',
      todo: [
        'Enter what the label of the board says, for both sides.',
        'Then watch the bit error rate of your own overs, and move in small steps: below 1 % is good, near 0.2 % as good as it gets.',
      ],
      values: [
        ...(site.labelOffsetHz === null ? [] : [{ label: 'Label', text: `${signed(site.labelOffsetHz)} Hz` }]),
        ...valuesOf(about, withId('offset-rx', 'offset-tx')),
      ],
      proof: 'The bit error rate stays below 1 % over several overs.',
      ifNot: [
        'It rises near the hotspot and falls further off: too strong a signal, not the offset.',
        'A factory reset has lost the offset: enter it again.',
      ],
    },
  ];
}

function nearby(): Step {
  return {
    id: 'low-power',
    title: 'Lowest power near it',
    todo: [
      'Set the radios to their lowest power for its channels, and keep some metres away: five watts at arm’s length overdrive it.',
    ],
    proof: 'The bit error rate is no worse close by than from the next room.',
  };
}

function copyLast(): Step {
  return {
    id: 'copy-again',
    title: 'Keep a copy of what works',
    todo: ['Save its settings or copy the card once more, and say so on its page here.'],
    proof: 'The copy has today’s date.',
  };
}

function shutDown(): Step {
  return {
    id: 'shut-down',
    title: 'How to shut it down',
    todo: [
      'Shut it down from its page or by its command, wait 30 s, then take the power away: a card in use is easily spoiled.',
    ],
    proof: `It starts again by itself within about ${BOOT_S} s once it has power.`,
  };
}

/** What its modes add for it: logging in to one network after the other, testing, linking. */
function onNetworks({ index, modes, site }: About): Step[] {
  return Object.values(modes)
    .flatMap((mode) => mode.runSheet.steps(index))
    .filter((step) => step.siteId === site.id);
}

/**
 * The steps for one hotspot, with the profile that it runs; ids are unlike those of other hotspots.
 * @throws Error for a site that is no hotspot
 */
export function setUpSheet(index: PlanIndex, modes: SetUpModes, siteId: Id): Step[] {
  const { plan } = index;
  const site = plan.sites.byId[siteId] as Hotspot;
  const settings = settingsOf(plan, siteId, modes);
  const about: About = { index, modes, site, values: index.profile(siteId)!, settings };
  const own = [
    ...copyFirst(about),
    firstStart(about),
    identity(about),
    frequency(about),
    ...position(about),
    access(about),
    ...modesOn(about),
  ];
  const after = [...offset(about), nearby(), copyLast(), shutDown()];
  const named = (steps: Step[]) => steps.map((step) => ({ ...step, id: `${siteId}:${step.id}` }));
  return [...named(own), ...onNetworks(about), ...named(after)];
}
