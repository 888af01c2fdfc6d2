/**
 * Reading a list off the main thread, in chunks: the server goes on answering, and the database takes one chunk while
 * the next is read. What crosses between the threads are texts ready for the database, not objects.
 */
import { createHash } from 'node:crypto';
import { asColumn, unreadColumns } from '@relay/core/lists/columns';
import { guessColumns, siteReader } from '@relay/core/registries/lists';
import { differenceOf, type ListDifference, type Said, saidOf, siteKey } from '@relay/core/lists/corrections';
import { readRaw, signatureOf } from '@relay/core/lists/raw';
import type { SiteReader } from '@relay/core/lists/read-sites';
import type { Column, ColumnField, ListedSite, RawList } from '@relay/core/lists/types';
import type { ReadFinding } from '@relay/core/formats/format';
import type { SiteName } from './filed-sites';

interface ReadCounts {
  good: number;
  doubtful: number;
  rejected: number;
  /** The first of them; rejected lines come first. */
  findings: ReadFinding[];
}

export interface ReadHead {
  layout: string;
  headed: boolean;
  header: string[] | null;
  /** Of its headings and layout; a fingerprint, since headings may be long. */
  signature: string;
  columns: Column[];
  sample: string[][];
  lines: number;
  /** Columns that hold something and are read as nothing. */
  unread: { title: string; filled: number }[];
}

/** Sites as JSON for `json_to_recordset`. */
export interface ReadChunk {
  sites: string;
  groups: string;
  /** Lines read so far. */
  lines: number;
}

export interface RejectedLine {
  line: number;
  cells: string[];
  why: string;
}

export interface ReadEnd {
  counts: ReadCounts;
  rejected: RejectedLine[];
}

const CHUNK = 2000;
const READ: RawList['rows'][number] = { line: 0, cells: [] };
const SAMPLE_ROWS = 6;
const MOST_FINDINGS = 100;
const MOST_SOME = 300;
const MOST_REJECTED = 5000;
const MOST_REJECTED_LETTERS = 2_000_000;

/** Null characters and halves of surrogate pairs are no text for the database, and no letters of anybody's name. */
const clean = (text: string) => text.replaceAll('\u0000', '').replace(LONE_SURROGATE, '\ufffd');
const LONE_SURROGATE = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g;

/** The same text said again gives the same fingerprint; it is no secret. */
function fingerprint(site: ListedSite): string {
  return createHash('md5').update(saidOf(site)).digest('base64').slice(0, 16);
}

function record(line: number, site: ListedSite): object {
  return {
    line,
    call_sign: clean(site.callSign),
    module: clean(site.module),
    name: clean(site.name),
    place: clean(site.place),
    lat: site.lat,
    lon: site.lon,
    tx_hz: site.txHz,
    rx_hz: site.rxHz !== null && site.rxHz > 0 ? site.rxHz : null,
    modes: site.modes,
    color_code: site.colorCode,
    tone: site.tone,
    tone_out: site.toneOut,
    width_hz: site.widthHz,
    status: site.status,
    confirmed_on: site.confirmedOn,
    notes: clean(site.notes),
    nac: site.nac,
    group_id: site.groupId,
    networks: site.networks.map(clean),
    linked: clean(site.linked),
    country: clean(site.country),
    fingerprint: fingerprint(site),
  };
}

/** One list being read, chunk by chunk. */
export class ListReading {
  readonly head: ReadHead;
  private readonly reader: SiteReader;
  private readonly raw: RawList;
  private at = 0;
  private good = 0;
  private doubtful = 0;
  private readonly doubts: ReadFinding[] = [];
  private readonly wrong: { line: RejectedLine; finding: ReadFinding }[] = [];
  private rejected = 0;
  private rejectedLetters = 0;
  /** Key, call sign and fingerprint of each site: what a newer version is held against. */
  private readonly said: Said[] = [];
  private readonly before: Said[] = [];
  private readonly names: SiteName[] = [];

  /** @param fields what the user, or a recipe, takes the columns for; guessed where there are none */
  constructor(
    bytes: Uint8Array,
    fieldsFor: (signature: string) => readonly ColumnField[] | null,
    /** Whether it is only looked at, and then held against the list that is there. */
    private readonly isLook = true,
  ) {
    this.raw = readRaw(bytes);
    const signature = createHash('md5').update(signatureOf(this.raw)).digest('hex');
    const guessed = guessColumns(this.raw);
    const fields = fieldsFor(signature);
    const columns = fields
      ? fields.map((field, at) => (guessed[at]?.field === field ? guessed[at] : asColumn(this.raw, at, field)))
      : guessed;
    const { header, rows, layout } = this.raw;
    this.reader = siteReader(this.raw, columns);
    this.head = {
      layout,
      headed: header !== null,
      header,
      signature,
      columns,
      sample: rows.slice(0, SAMPLE_ROWS).map((row) => row.cells),
      lines: rows.length,
      unread: unreadColumns(this.raw, columns),
    };
  }

  /** `null` when the last line has been read. */
  next(): ReadChunk | null {
    if (this.at >= this.raw.rows.length) return null;
    const sites: object[] = [];
    const groups: object[] = [];
    const end = Math.min(this.at + CHUNK, this.raw.rows.length);
    for (let place = this.at; place < end; place += 1) {
      const read = this.reader.at(place);
      if (!read) continue;
      for (const { line, cells, finding } of read.rejected) {
        this.rejected += 1;
        const why = `${finding.place}: found ${finding.found}, expected ${finding.expected}`;
        this.rejectedLetters += cells.reduce((sum, cell) => sum + cell.length, 0);
        if (this.wrong.length < MOST_REJECTED && this.rejectedLetters < MOST_REJECTED_LETTERS)
          this.wrong.push({ line: { line, cells, why }, finding });
      }
      for (const { line, site, doubts } of read.sites) {
        if (doubts.length > 0) this.doubtful += 1;
        if (this.doubts.length < MOST_FINDINGS) this.doubts.push(...doubts);
        const one = record(line, site);
        sites.push(one);
        for (const { slot, number, static: is_static } of site.groups)
          groups.push({ line, slot: slot ?? 0, number, is_static });
        this.good += 1;
        if (this.isLook) {
          this.names.push({ callSign: clean(site.callSign), module: clean(site.module), txHz: site.txHz });
          this.said.push({
            key: siteKey(site),
            callSign: site.callSign,
            said: (one as { fingerprint: string }).fingerprint,
          });
        }
      }
    }
    // What has been read is let go.
    for (let place = this.at; place < end; place += 1) this.raw.rows[place] = READ;
    this.at = end;
    return {
      sites: JSON.stringify(sites),
      groups: JSON.stringify(groups),
      lines: this.at,
    };
  }

  end(): ReadEnd {
    const findings = [...this.wrong.map((one) => one.finding), ...this.doubts].slice(0, MOST_FINDINGS);
    return {
      counts: { good: this.good, doubtful: this.doubtful, rejected: this.rejected, findings },
      rejected: this.wrong.map((one) => one.line),
    };
  }

  /** Reads what is left, for its counts alone. */
  rest(): void {
    while (this.next());
  }

  /** Some of its sites, from all of it, to find a list that knows them already. */
  someSites(): SiteName[] {
    const step = Math.max(1, Math.ceil(this.names.length / MOST_SOME));
    return this.names.filter((_, at) => at % step === 0);
  }

  /** Sites of the list that is there, a part at a time, as JSON: key, call sign and fingerprint of each. */
  takeBefore(before: string): void {
    for (const one of JSON.parse(before) as Said[]) this.before.push(one);
  }

  /** What this list would change of the one that is there. */
  difference(): ListDifference {
    return differenceOf(this.before, this.said);
  }
}
