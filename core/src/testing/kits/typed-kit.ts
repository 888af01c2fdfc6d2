/** A small kit of DMR and FM as somebody would type it. */
import { openFiles } from '../../kits/keep-kit';
import { learnKit } from '../../kits/learn/learn-kit';
import { NO_EVIDENCE } from '../../kits/learn/learnt';
import { kitTables } from '../../kits/kit-tables';
import { readKit } from '../../kits/read-kit';
import { KIT_MODES } from '../../registries/kits';

export const CHANNELS =
  'No.,Name,Type,RX Freq,TX Freq,Power,Color Code,Slot,Contact,RX Tone,TX Tone,Odd\r\n' +
  '1,Hask Wide,Digital,438.65000,431.05000,High,1,2,Hask,None,None,x1\r\n' +
  '2,Ferry Net,Digital,438.67500,431.07500,Low,3,1,Ferry,None,None,x1\r\n' +
  '3,Quay FM,Analog,145.60000,145.00000,High,1,1,,None,88.5,x2\r\n';
export const CONTACTS =
  'No.,Name,Call Type,ID\r\n1,Hask,Group Call,417\r\n2,Ferry,Group Call,591\r\n3,Vesna,Private Call,9992417\r\n';
export const ZONES = 'No.,Zone Name,Channels\r\n1,Home,Hask Wide|Ferry Net\r\n2,Quay,Quay FM|Hask Wide\r\n';
const SCAN = 'No.,Scan List,Channels\r\n1,Evening,Ferry Net|Quay FM\r\n';

export const TYPED: Readonly<Record<string, string>> = {
  'channels.csv': CHANNELS,
  'contacts.csv': CONTACTS,
  'zones.csv': ZONES,
  'scan-lists.csv': SCAN,
};

/** Files of these texts, learnt and read. */
export async function typed(texts: Readonly<Record<string, string>>) {
  const files = Object.entries(texts).map(([name, text]) => ({ name, bytes: new TextEncoder().encode(text) }));
  const opened = await openFiles(files);
  // Nobody answers: what is not sure stays the best guess.
  const learnt = learnKit(opened, KIT_MODES, NO_EVIDENCE);
  const kit = { tables: learnt.tables.map(({ layout }) => layout) };
  const { tables, findings } = kitTables(kit, opened);
  return { learnt, kit, files: opened, content: readKit(tables, KIT_MODES, { findings }) };
}

export const textOf = (files: readonly { name: string; bytes: Uint8Array }[], name: string) =>
  new TextDecoder().decode(files.find((one) => one.name === name)!.bytes);
