/** Whether a channel can stand in a table at all. */
import type { Channel } from '../../plan/types';
import type { KitModes } from '../kit-field';
import { columnsOfField } from '../kit-tables';
import type { WorkTable } from './work-table';

/** Why the table has no way to say what the channel is; `null` when it has one. */
export function unfit(modes: KitModes, table: WorkTable, channel: Channel): string | null {
  return unfitMode(modes, table, channel) ?? unfitShift(table, channel);
}

function unfitMode(modes: KitModes, table: WorkTable, { mode }: Channel): string | null {
  const { layout } = table.of;
  if (table.has('mode')) return table.canSay('mode', mode) ? null : `the file has no word for ${modes[mode].name}`;
  // A table with a column for digital or not holds FM beside the mode that it is of.
  const isHeld = layout.mode === null || layout.mode === mode || (mode === 'fm' && table.has('digital'));
  return isHeld ? null : `the file holds ${modes[layout.mode as Channel['mode']].name} only`;
}

function unfitShift(table: WorkTable, { rxHz, txHz }: Channel): string | null {
  if (table.has('tx')) return null;
  const way = Math.sign(txHz - rxHz);
  const hasSize = table.has('shift');
  const [direction] = columnsOfField(table.of, 'direction');
  // A shift of nothing has no direction.
  if (direction?.layout.codec?.as === 'words' && !(way === 0 && hasSize)) {
    const meaning = way > 0 ? '+' : way < 0 ? '-' : '0';
    if (!table.canSay('direction', meaning))
      return `no row of the sample shows how the file says a shift of ${meaning === '0' ? 'none' : meaning}`;
  }
  return way !== 0 && !hasSize ? 'the file has no column for another frequency to send on' : null;
}
