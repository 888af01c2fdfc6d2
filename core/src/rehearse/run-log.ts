/** What happened in a run, and what each radio and site was at which time. */
import type { TracedPath } from '../path/types';
import type { Id, ModeId } from '../plan/types';
import type { RadioState } from './radio';
import type { SiteState } from './site';
import type { Happening, Over } from './types';

/** A site, a radio or a link as it was from a time on. */
export type Moment = { atMs: number } & (
  | { is: 'radio'; id: Id; state: RadioState }
  | { is: 'site'; id: Id; state: SiteState }
  | { is: 'link'; id: Id; mode: ModeId; state: unknown }
);

type DistributiveOmit<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;

/** The same without its time: the record knows it. */
export type Untimed<T> = DistributiveOmit<T, 'atMs'>;

export class RunLog {
  readonly happened: Happening[] = [];
  readonly moments: Moment[] = [];
  /** Every over, with the path that it met where a radio sent it. */
  readonly overs = new Map<number, Over & { traced: TracedPath | null }>();
  private readonly links = new Map<string, unknown>();

  constructor(
    private readonly nowMs: () => number,
    /** Without, nothing is kept: a day has tens of thousands of happenings. */
    private readonly keeps: boolean,
    private readonly onHappening: (happening: Happening) => void,
  ) {}

  tell(happening: Untimed<Happening>): void {
    const told = { atMs: this.nowMs(), ...happening } as Happening;
    if (this.keeps) this.happened.push(told);
    this.onHappening(told);
  }

  keep(moment: Untimed<Moment>): void {
    if (this.keeps) this.moments.push({ atMs: this.nowMs(), ...moment } as Moment);
  }

  over(over: Over & { traced: TracedPath | null }): void {
    if (this.keeps) this.overs.set(over.id, over);
  }

  /** What a site is linked to in a mode; `kind`: how it is told, where it is another than before. */
  link(siteId: Id, mode: ModeId, state: unknown, kind: 'linked' | 'asleep' | null): void {
    const key = `${siteId} ${mode}`;
    if (this.links.has(key) && this.links.get(key) === state) return;
    this.links.set(key, state);
    this.keep({ is: 'link', id: siteId, mode, state });
    if (kind) this.tell({ kind, siteId, mode, state });
  }
}
