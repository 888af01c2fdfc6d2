/** What channels are built with by what they are for: power by distance, admit and time-out by purpose. */
import { channelFields } from '../codeplug/channel-fields';
import type { CodeplugModes } from '../codeplug/mode-codeplug';
import type { Refusal } from '../codeplug/channel-field';
import { highestOf, lowestOf } from '../plan/power';
import { rows } from '../plan/table';
import { legBetween } from '../units/geo/geodesic';
import type { ChannelRule, ChannelValues, CodeplugBlocks, Plan, Purpose, Radio, Site } from '../plan/types';

/** A channel as rules see it. */
export interface RuledChannel {
  radio: Radio;
  purpose: Purpose;
  /** `null`: radio to radio. */
  site: Site | null;
}

/** From the station to a repeater, where somebody has said where both are; else what the plan says of a site. */
export function awayM({ station }: Plan, site: Site): number {
  const there = site.kind === 'repeater' ? site.listing.position : null;
  return station.position && there ? legBetween(station.position, there).distanceM : site.distanceM;
}

/** Whether a rule is for a channel. */
function appliesTo(plan: Plan, rule: ChannelRule, { radio, purpose, site }: RuledChannel): boolean {
  if (rule.radioId !== null && rule.radioId !== radio.id) return false;
  if (rule.purpose !== null && rule.purpose !== purpose) return false;
  if (rule.place !== null && rule.place !== (site?.kind ?? 'direct')) return false;
  if (rule.fromM === null && rule.belowM === null) return true;
  const distanceM = site && awayM(plan, site);
  return distanceM !== null && distanceM >= (rule.fromM ?? 0) && distanceM < (rule.belowM ?? Infinity);
}

/** What a rule means by the ends of a radio's steps of power, whatever they are called. */
const ENDS: Readonly<Record<string, (radio: Radio) => string>> = { least: lowestOf, most: highestOf };

const endOf = (text: string) => ENDS[text.trim().toLowerCase()];

/** Why a value of a rule cannot be read; `null` where it can. `radio`: the one that it is for; `null`: for any. */
export function refusedValue(
  modes: CodeplugModes,
  blocks: CodeplugBlocks,
  field: string,
  text: string,
  radio: Radio | null,
): Refusal | null {
  const column = channelFields(modes).find(({ id }) => id === field);
  if (!column)
    return { found: field, expected: 'a field of channels', problem: `Found ${field}, expected a field of channels.` };
  if (field === 'power' && endOf(text)) return null;
  const reading = column.read(text, blocks, radio);
  return 'problem' in reading ? reading : null;
}

/** The radios of a rule that a value of it does nothing on, with the reason: a step of power that they do not have. */
export function refusedOn(
  plan: Plan,
  modes: CodeplugModes,
  { radioId, set }: ChannelRule,
  field: string,
): { radio: Radio; refusal: Refusal }[] {
  const column = channelFields(modes).find(({ id }) => id === field);
  return rows(plan.radios).flatMap((radio) => {
    if (radioId !== null && radioId !== radio.id) return [];
    if (column?.modes && !column.modes.some((mode) => radio[mode] !== null)) return [];
    const refusal = refusedValue(modes, plan.codeplugs[radio.id]!, field, set[field] ?? '', radio);
    return refusal ? [{ radio, refusal }] : [];
  });
}

/**
 * The values with what the rules of the plan say in place of what is usual. For each field the first rule has it. A
 * value that cannot be read changes nothing, nor does a field of another mode.
 */
export function ruled(plan: Plan, modes: CodeplugModes, values: ChannelValues, channel: RuledChannel): ChannelValues {
  const said = new Map<string, string>();
  for (const rule of rows(plan.channelRules))
    if (appliesTo(plan, rule, channel))
      for (const [field, text] of Object.entries(rule.set)) if (!said.has(field)) said.set(field, text);
  if (said.size === 0) return values;
  const blocks = plan.codeplugs[channel.radio.id]!;
  const now = JSON.parse(JSON.stringify(values)) as ChannelValues;
  for (const field of channelFields(modes)) {
    const text = said.get(field.id);
    if (text === undefined || (field.modes && !field.modes.includes(values.mode))) continue;
    const end = field.id === 'power' ? endOf(text) : undefined;
    const reading = field.read(end ? end(channel.radio) : text, blocks, channel.radio);
    if ('put' in reading) reading.put(now);
  }
  return now;
}
