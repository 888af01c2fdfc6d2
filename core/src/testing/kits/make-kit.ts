/** The files that an invented program would save of a codeplug, with the truth about every cell. */
import { shortenName } from '../../codeplug/names';
import { encodeText } from '../../tables/encoding';
import type { NamedBytes } from '../../tables/open';
import { rows } from '../../plan/table';
import type { Channel, Codeplug } from '../../plan/types';
import { KIT_MODES } from '../../registries/kits';
import { channelFields } from '../../codeplug/channel-fields';
import type { Dialect } from './dialect';
import { OWN_COLUMNS, TITLES, WORDS } from './languages';
import type { Random } from './random';
import { splitTones } from './split-tones';
import { delimitedText, jsonText, type MadeColumn, type MadeTable, workbook, xmlText } from './write-tables';

/** What a cell stands for: the field and its value in our words; `null`: only the program knows. */
export interface TruthColumn {
  field: string | null;
  values: (string | null)[];
}

export interface TruthTable {
  file: string;
  /** What the rows are. */
  role: string;
  columns: TruthColumn[];
}

export interface MadeKit {
  files: NamedBytes[];
  truth: TruthTable[];
}

class Maker {
  constructor(
    private readonly dialect: Dialect,
    private readonly codeplug: Codeplug,
    private readonly random: Random,
  ) {}

  title(field: string): string {
    const known = TITLES[this.dialect.language][field] ?? [field];
    return known[this.dialect.titleAt(field) % known.length]!;
  }

  /** The title of a field in a table that is not of channels, and has the number of its rows beside. */
  private plainTitle(field: string): string {
    const row = this.title('row');
    const known = TITLES[this.dialect.language][field]!.filter((title) => title !== row);
    const own = known.filter((title) => !/channel|kanal|canal|kanaal/i.test(title));
    const from = own.length > 0 ? own : known;
    return from[this.dialect.titleAt(field) % from.length]!;
  }

  word(field: string, meaning: string): string {
    const sets = WORDS[this.dialect.language][field];
    const set = sets?.[this.dialect.wordsAt(field) % sets.length] ?? {};
    if (field === 'mode') return set[meaning] ?? { dstar: 'D-STAR', c4fm: 'C4FM', p25: 'P25' }[meaning] ?? meaning;
    return set[meaning] ?? meaning;
  }

  get none(): string {
    return this.word('none', 'none');
  }

  hertz(hz: number, plus = false): string {
    const { unitHz, decimals, comma, suffix } = this.dialect;
    const text = (hz / unitHz).toFixed(decimals === 0 && unitHz > 1 ? 9 : decimals);
    const shown = decimals === 0 && unitHz > 1 ? String(Number(text)) : text;
    return `${plus && hz > 0 ? '+' : ''}${comma ? shown.replace('.', ',') : shown}${suffix}`;
  }

  tone(tone: string): string {
    if (tone === 'none') return this.none;
    if (tone.startsWith('D')) return tone;
    return this.dialect.toneTenths
      ? String(Math.round(Number(tone) * 10))
      : this.dialect.comma
        ? tone.replace('.', ',')
        : tone;
  }

  name(name: string): string {
    return shortenName(name, this.dialect.nameLength);
  }

  column(field: string | null, title: string, of: readonly (readonly [string, string | null])[]): MadeColumn {
    return { field, title, texts: of.map(([text]) => text), values: of.map(([, value]) => value) };
  }

  /** The number of each row, from 1. */
  private numbers(count: number): MadeColumn {
    const texts = Array.from({ length: count }, (_, at) => String(at + 1));
    return this.column(
      'row',
      this.title('row'),
      texts.map((text) => [text, text] as const),
    );
  }

  private namesOf(all: readonly { name: string }[], title: string): MadeColumn {
    return this.column(
      'name',
      title,
      all.map(({ name }) => [this.name(name), this.name(name)] as const),
    );
  }

  private get channelList(): Channel[] {
    return rows(this.codeplug.channels);
  }

  /** What a channel has in a field of ours; `null` where it is of a mode without it. */
  private shown(channel: Channel, fieldId: string): string | null {
    const field = channelFields(KIT_MODES).find(({ id }) => id === fieldId)!;
    return field.modes && !field.modes.includes(channel.mode) ? null : field.show(channel, this.codeplug);
  }

  private shared(fieldId: string, text: (value: string) => string, otherwise = ''): MadeColumn | null {
    const values = this.channelList.map((channel) => this.shown(channel, fieldId));
    if (values.every((value) => value === null)) return null;
    return this.column(
      fieldId,
      this.title(fieldId),
      values.map((value) => [value === null ? otherwise : text(value), value] as const),
    );
  }

  private frequencies(): MadeColumn[] {
    const all = this.channelList;
    const { shift } = this.dialect;
    const rx = this.column(
      'rx',
      this.title('rx'),
      all.map(({ rxHz }) => [this.hertz(rxHz), String(rxHz)] as const),
    );
    if (shift === 'two frequencies')
      return [
        rx,
        this.column(
          'tx',
          this.title('tx'),
          all.map(({ txHz }) => [this.hertz(txHz), String(txHz)] as const),
        ),
      ];
    if (shift === 'signed')
      return [
        rx,
        this.column(
          'shift',
          this.title('shift'),
          all.map(({ rxHz, txHz }) => [this.hertz(txHz - rxHz, true), String(txHz - rxHz)] as const),
        ),
      ];
    const way = ({ rxHz, txHz }: Channel) => (txHz > rxHz ? '+' : txHz < rxHz ? '-' : '0');
    return [
      rx,
      this.column(
        'shift',
        this.title('shift'),
        all.map(({ rxHz, txHz }) => [this.hertz(Math.abs(txHz - rxHz)), String(Math.abs(txHz - rxHz))] as const),
      ),
      this.column(
        'direction',
        this.title('direction'),
        all.map((one) => [this.word('direction', way(one)), way(one)] as const),
      ),
    ];
  }

  private tones(): (MadeColumn | null)[] {
    if (this.dialect.tones === 'two columns')
      return (['tone-tx', 'tone-rx'] as const).map((id) =>
        this.shared(id, (value) => this.tone(value || 'none'), this.none),
      );
    const pairs = this.channelList.map((one) => {
      const [sent, heard] = [this.shown(one, 'tone-tx'), this.shown(one, 'tone-rx')];
      return sent === null || heard === null ? null : { sent: sent || 'none', heard: heard || 'none' };
    });
    if (pairs.every((pair) => pair === null)) return [];
    return splitTones(this.dialect.tones, pairs).map(({ field, values, isWord }) =>
      this.column(
        field,
        this.title(field),
        values.map((value, at): [string, string | null] => {
          const text = isWord
            ? this.word(field.startsWith('tone-kind') ? 'tone-kind' : field, value)
            : this.tone(value);
          return [text, pairs[at] === null ? null : value];
        }),
      ),
    );
  }

  private links(): (MadeColumn | null)[] {
    if (!this.dialect.modes.includes('dmr')) return [];
    const { contactBy, listBy } = this.dialect;
    const contacts = rows(this.codeplug.dmr.contacts);
    const lists = rows(this.codeplug.dmr.receiveLists);
    const contact = this.channelList.map((channel): [string, string | null] => {
      if (channel.mode !== 'dmr') return [contactBy === 'row' ? '0' : '', null];
      const { kind, number } = channel.dmr.call;
      const at = contacts.findIndex((one) => one.kind === kind && one.number === number);
      return [contactBy === 'row' ? String(at + 1) : this.name(contacts[at]!.name), `${kind} ${number}`];
    });
    const list = this.channelList.map((channel): [string, string | null] => {
      if (channel.mode !== 'dmr') return [listBy === 'row' ? '0' : this.none, null];
      const at = lists.findIndex(({ id }) => id === channel.dmr.receiveListId);
      const name = lists[at]?.name ?? '';
      return [listBy === 'row' ? String(at + 1) : at < 0 ? this.none : this.name(name), at < 0 ? '' : name];
    });
    return [
      this.column('contact', this.title('contact'), contact),
      this.column('receive-list', this.title('receive-list'), list),
    ];
  }

  private own(count: number, rowsIn: number): MadeColumn[] {
    return this.random
      .shuffled(OWN_COLUMNS)
      .slice(0, count)
      .map(([title, texts]) =>
        this.column(
          null,
          title,
          Array.from({ length: rowsIn }, () => [this.random.pick(texts), null] as const),
        ),
      );
  }

  /** Columns in an order of the program's own: the number of the row and the name first. */
  private ordered(first: MadeColumn[], others: (MadeColumn | null)[]): MadeColumn[] {
    return [...first, ...this.random.shuffled(others.filter((one) => one !== null))];
  }

  channels(): MadeTable {
    const all = this.channelList;
    const [number, name] = [this.numbers(all.length), this.namesOf(all, this.title('name'))];
    const several = this.dialect.modes.length > 1;
    const mode = several
      ? this.column(
          'mode',
          this.title('mode'),
          all.map((one) => [this.word('mode', one.mode), one.mode] as const),
        )
      : null;
    const same = (value: string) => value;
    const others = [
      mode,
      ...this.frequencies(),
      this.shared('power', (value) => this.word('power', value)),
      this.shared('width', (value) => this.word('width', value), this.word('width', '12.5')),
      ...this.tones(),
      this.shared('color-code', same, '1'),
      this.shared('slot', (value) => this.word('slot', value), this.word('slot', '1')),
      ...this.links(),
      this.shared('admit', (value) => this.word('admit', value), this.word('admit', 'always')),
      ...['ur', 'rpt1', 'rpt2', 'group-tx', 'group-rx', 'voice', 'receive', 'nac', 'nac-rx', 'p25-group'].map((id) =>
        this.shared(id, same),
      ),
    ];
    return {
      role: 'channels',
      element: 'channel',
      columns: this.ordered([number, name], [...others, ...this.own(5, all.length)]),
    };
  }

  /** Lists with their members, in the program's way. */
  private lists(
    role: string,
    element: string,
    titles: { name: string; member: string },
    of: readonly { name: string; members: readonly (readonly [string, string])[] }[],
  ): MadeTable {
    const { members: way, separator, container } = this.dialect;
    const names = (many: readonly string[]) => many.map((name) => [name, name] as const);
    if (way === 'rows') {
      const flat = of.flatMap(({ name, members }) => members.map((member) => ({ name, member })));
      return {
        role,
        element,
        columns: [
          this.column('name', titles.name, names(flat.map(({ name }) => name))),
          this.column(
            'member',
            titles.member,
            flat.map(({ member }) => member),
          ),
        ],
      };
    }
    const number = this.numbers(of.length);
    const name = this.column('name', titles.name, names(of.map((one) => one.name)));
    if (way === 'columns') {
      const most = Math.max(...of.map(({ members }) => members.length));
      const columns = Array.from({ length: most }, (_, at) =>
        this.column(
          'member',
          `${titles.member} ${at + 1}`,
          of.map(({ members }) => members[at] ?? ['', null]),
        ),
      );
      return { role, element, columns: [number, name, ...columns] };
    }
    const isList = container === 'xml' || container === 'json';
    const cell = (members: readonly (readonly [string, string])[]) => {
      const texts = members.map(([text]) => text);
      return [
        isList ? JSON.stringify(texts) : texts.join(separator),
        JSON.stringify(members.map(([, value]) => value)),
      ] as const;
    };
    return {
      role,
      element,
      columns: [
        number,
        name,
        this.column(
          'member',
          titles.member,
          of.map(({ members }) => cell(members)),
        ),
      ],
    };
  }

  zones(): MadeTable {
    const all = this.channelList;
    const byId = new Map(
      all.map((one, at) => [
        one.id,
        { text: this.dialect.memberBy === 'row' ? String(at + 1) : this.name(one.name), name: this.name(one.name) },
      ]),
    );
    const of = rows(this.codeplug.zones).map((zone) => ({
      name: this.name(zone.name),
      members: zone.channelIds.map((id) => [byId.get(id)!.text, byId.get(id)!.name] as const),
    }));
    return this.lists('zones', 'zone', { name: this.title('zone'), member: this.title('member') }, of);
  }

  contacts(): MadeTable {
    const all = rows(this.codeplug.dmr.contacts);
    return {
      role: 'contacts',
      element: 'contact',
      columns: [
        this.numbers(all.length),
        this.namesOf(all, this.plainTitle('name')),
        ...this.random.shuffled([
          this.column(
            'call',
            this.title('call'),
            all.map(({ kind }) => [this.word('call', kind), kind] as const),
          ),
          this.column(
            'number',
            this.plainTitle('number'),
            all.map(({ number }) => [String(number), String(number)] as const),
          ),
          ...this.own(1, all.length),
        ]),
      ],
    };
  }

  receiveLists(): MadeTable {
    const contacts = rows(this.codeplug.dmr.contacts);
    const of = rows(this.codeplug.dmr.receiveLists).map(({ name, groups }) => ({
      name: this.name(name),
      members: groups.map((group) => {
        const contact = contacts.find(({ kind, number }) => kind === 'group' && number === group)!;
        return [this.name(contact.name), String(group)] as const;
      }),
    }));
    return this.lists('receive lists', 'list', { name: this.title('list'), member: this.title('listed') }, of);
  }

  rooms(): MadeTable {
    const all = rows(this.codeplug.c4fm.rooms);
    return {
      role: 'rooms',
      element: 'room',
      columns: [
        this.numbers(all.length),
        this.namesOf(all, this.plainTitle('name')),
        this.column(
          'room',
          this.plainTitle('number'),
          all.map(({ number }) => [number, number] as const),
        ),
        this.column(
          'category',
          this.title('category'),
          all.map(({ category }) => [String(category), String(category)] as const),
        ),
      ],
    };
  }
}

export async function makeKit(codeplug: Codeplug, dialect: Dialect, random: Random): Promise<MadeKit> {
  const maker = new Maker(dialect, codeplug, random);
  const hasDmr = dialect.modes.includes('dmr');
  const tables = [
    maker.channels(),
    maker.zones(),
    ...(hasDmr ? [maker.contacts(), maker.receiveLists()] : []),
    ...(dialect.modes.includes('c4fm') ? [maker.rooms()] : []),
  ];
  const { container, encoding, mark } = dialect;
  const truth = tables.map(({ role, columns }) => ({
    file: dialect.fileName(role),
    role,
    columns: columns.map(({ field, values }) => ({ field, values })),
  }));
  const bytes = (text: string) => encodeText(text, { encoding, mark });
  if (container === 'delimited')
    return {
      truth,
      files: tables.map((table) => ({
        name: dialect.fileName(table.role),
        bytes: bytes(delimitedText(table, dialect)),
      })),
    };
  const name = dialect.fileName('');
  if (container === 'xml') return { truth, files: [{ name, bytes: new TextEncoder().encode(xmlText(tables)) }] };
  if (container === 'json') return { truth, files: [{ name, bytes: new TextEncoder().encode(jsonText(tables)) }] };
  return {
    truth,
    files: [
      {
        name,
        bytes: await workbook(
          tables,
          tables.map(({ role }) => dialect.fileName(role).replace(/\..*$/, '') && role),
        ),
      },
    ],
  };
}
