/** Changes to the steps of power of a radio, with everything of a plan that names them. */
import type { Keying } from '../plan/keying';
import { isSameStep, stepFor, stepNamesOf, stepOf } from '../plan/power';
import { rows } from '../plan/table';
import type { ChannelValues, Id, Plan, PowerStep, RadioDescription, Table } from '../plan/types';

/** Stands for what a channel has by another name. */
type Rename = (power: string) => string;

function inKeying(keying: Keying, rename: Rename): void {
  for (const { fields } of keying.routines)
    for (const field of fields) {
      if (field.sets === 'power' && field.entry.kind === 'turn')
        for (const choice of field.entry.choices) choice.value = rename(choice.value);
      if (field.when?.sets === 'power') field.when.is = field.when.is.map(rename);
    }
}

function inChannels(channels: Table<{ id: Id } & Pick<ChannelValues, 'power'>>, rename: Rename): void {
  for (const channel of rows(channels)) {
    channel.power = rename(channel.power);
    const { built } = channel as { built?: ChannelValues | null };
    if (built) built.power = rename(built.power);
  }
}

/**
 * Gives a step of a radio of a draft another name, in its channels, its keys and the rules for it too, and in what was
 * written: the radio itself is as it was.
 */
export function renameStep(draft: Plan, radioId: Id, from: string, to: string): void {
  const radio = draft.radios.byId[radioId]!;
  const step = stepOf(radio, from);
  if (!step) return;
  const before = step.name;
  const rename: Rename = (power) => (isSameStep(power, before) ? to : power);
  inChannels(draft.codeplugs[radioId]!.channels, rename);
  const written = draft.written[radioId];
  if (written) inChannels(written.channels, rename);
  if (radio.keying) inKeying(radio.keying, rename);
  for (const rule of rows(draft.channelRules))
    if (rule.radioId === radioId && rule.set['power'] !== undefined) rule.set['power'] = rename(rule.set['power']);
  step.name = to;
}

/** Puts a step where its watts belong among those that are known: the least is first. */
export function sortSteps(radio: Pick<RadioDescription, 'power'>): void {
  const known = radio.power.filter(({ watts }) => watts !== null).sort((a, b) => a.watts! - b.watts!);
  let at = 0;
  radio.power = radio.power.map((step) => (step.watts === null ? step : known[at++]!));
}

/**
 * Takes a step away from a radio of a draft. Its channels are set to the next lesser one, that of the least to the next
 * greater; the last one leaves the steps unknown, and channels as they are.
 */
export function removeStep(draft: Plan, radioId: Id, name: string): void {
  const radio = draft.radios.byId[radioId]!;
  const at = radio.power.findIndex((step) => step.name === name);
  if (at < 0) return;
  const next = radio.power[at - 1] ?? radio.power[at + 1];
  radio.power.splice(at, 1);
  if (!next) return;
  inChannels(draft.codeplugs[radioId]!.channels, (power) => (isSameStep(power, name) ? next.name : power));
}

/**
 * Sets the channels of a radio of a draft whose step it has no more to what stands at the same place among its steps, as
 * after it has become another kind. `before`: the steps that it had.
 */
export function followSteps(draft: Plan, radioId: Id, before: PowerStep[]): void {
  const radio = draft.radios.byId[radioId]!;
  const names = stepNamesOf({ power: before });
  inChannels(draft.codeplugs[radioId]!.channels, (power) => {
    if (stepOf(radio, power)) return power;
    const was = names.find((name) => isSameStep(name, power));
    return (was && stepFor(radio, names, was)) ?? power;
  });
}
