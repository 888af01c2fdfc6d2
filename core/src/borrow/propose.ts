/**
 * A borrowed codeplug held against the plan: which sites and destinations its channels are for, and what in it is the
 * lender's. Nothing is changed.
 *
 *   channels ─ by frequency pair and mode → sites (known, the own hotspot's place, proposed) ─ drafts of the builder →
 *   destinations ─ what differs at the own hotspot → the lender's things
 */
import { draftsFor } from '../builder/cross-drafts';
import type { ChannelDraft } from '../builder/types';
import { type ColumnField, PATH_WEIGHT } from '../codeplug/channel-field';
import { channelFields } from '../codeplug/channel-fields';
import { asRepeater, objectionTo } from '../lists/as-repeater';
import { newRepeater } from '../plan/create';
import { MODE_DATA, MODE_IDS } from '../plan/modes';
import { networksOf } from '../plan/networks';
import { lowestOf } from '../plan/power';
import { effectiveProfile } from '../plan/profiles';
import { recordsOf } from '../plan/records';
import { hotspotsOf } from '../plan/sites';
import { freeId, putRow, rows } from '../plan/table';
import type {
  Channel,
  Codeplug,
  Destination,
  Hotspot,
  Id,
  ModeId,
  NetworkModeId,
  Plan,
  Radio,
  Site,
} from '../plan/types';
import { legBetween } from '../units/geo/geodesic';
import { formatMHz } from '../units/quantities';
import type {
  Borrowed,
  BorrowedChannel,
  Borrowing,
  BorrowModes,
  LenderThing,
  Match,
  ProposedGroup,
  ProposedSite,
  Removal,
} from './borrowing';

const pairOf = ({ rxHz, txHz }: { rxHz: number; txHz: number }) => `${rxHz} ${txHz}`;
/** What a site has of a mode, for the pair that a radio would be set to. */
const pairAt = ({ txHz, rxHz }: Site) => `${txHz} ${rxHz}`;

const same = (fields: readonly ColumnField[], a: Channel, b: ChannelDraft['values'], codeplug: Codeplug) =>
  fields.filter((field) => field.show(a, codeplug) !== field.show(b, codeplug));

class Proposer {
  /** A copy, in which proposed sites stand already. */
  private readonly plan: Plan;
  private readonly radio: Radio;
  private readonly own: Codeplug;
  private readonly lender = new Map<string, LenderThing>();
  private readonly sites = new Map<string, ProposedSite>();
  private readonly groups = new Map<string, ProposedGroup>();
  private readonly drafts = new Map<string, readonly ChannelDraft[]>();

  constructor(
    private readonly of: Borrowed,
    private readonly modes: BorrowModes,
  ) {
    this.plan = structuredClone(of.plan);
    const radio = of.plan.radios.byId[of.radioId];
    if (!radio) throw new Error(`The plan has no radio ${of.radioId}.`);
    this.radio = radio;
    this.own = structuredClone(of.codeplug);
  }

  private siteFields(mode: ModeId): ColumnField[] {
    const { ofSite } = this.modes[mode].kit;
    return channelFields(this.modes).filter(({ id }) => ofSite.includes(id));
  }

  /** Path fields that say what is called: not the frequencies, and not what the site decides. */
  private callFields(mode: ModeId): ColumnField[] {
    const { ofSite } = this.modes[mode].kit;
    return channelFields(this.modes).filter(
      ({ id, weight, modes }) => weight >= PATH_WEIGHT && modes?.includes(mode) && !ofSite.includes(id),
    );
  }

  private thing(id: string, what: string, found: string, becomes: string, count = 1): void {
    const known = this.lender.get(id);
    this.lender.set(id, known ? { ...known, count: known.count + count } : { id, what, found, becomes, count });
  }

  /** Channels without a shift, digital, on a frequency that no site of plan or lists has: a hotspot of the lender's. */
  private isLendersHotspot(channel: Channel): boolean {
    if (channel.rxHz !== channel.txHz || channel.mode === 'fm' || channel.purpose === 'direct') return false;
    const known = rows(this.plan.sites).some(({ txHz }) => txHz === channel.rxHz);
    return !known && !this.of.listed.some(({ site }) => site.txHz === channel.rxHz);
  }

  private hotspotFor(mode: ModeId): Hotspot | null {
    return hotspotsOf(this.plan).find((site) => site[mode] !== null && effectiveProfile(this.plan, site.id)) ?? null;
  }

  private distanceOf(site: Site): number | null {
    const { position } = this.plan.station;
    if (site.kind === 'hotspot') return 0;
    const there = site.listing.position;
    return position && there ? legBetween(position, there).distanceM : null;
  }

  private knownSite(channel: Channel): Match<Id> | null {
    const there = rows(this.plan.sites)
      .filter((site) => pairAt(site) === pairOf(channel))
      .sort((a, b) => a.distanceM - b.distanceM);
    const withMode = there.filter((site) => site[channel.mode] !== null);
    const [site] = withMode.length > 0 ? withMode : there;
    if (!site) return null;
    const blank = this.modes[channel.mode].blankChannel(site) as Channel;
    const differing = same(this.siteFields(channel.mode), channel, blank, this.own).filter(
      ({ weight }) => weight >= PATH_WEIGHT,
    );
    const reasons = [
      `sends and listens on ${formatMHz(site.txHz)} and ${formatMHz(site.rxHz)} MHz`,
      ...(withMode.length > 1 ? [`the nearest of ${withMode.length}`] : []),
      ...differing.map(({ title }) => `another ${title.toLowerCase()}`),
      ...(withMode.length === 0 ? [`nothing is said of ${this.modes[channel.mode].name} there`] : []),
    ];
    const doubt = (withMode.length > 1 ? 0.1 : 0) + differing.length * 0.15 + (withMode.length === 0 ? 0.3 : 0);
    return { to: site.id, confidence: Math.max(0.3, 0.98 - doubt), reason: reasons.join(', ') };
  }

  /** Puts the borrower's own hotspot in the place of the lender's; what changes is the lender's. */
  private moveHome(channel: Channel, site: Hotspot): void {
    const [found, becomes] = [formatMHz(channel.rxHz), formatMHz(site.txHz)];
    this.thing(`frequency-${channel.rxHz}`, 'Frequency of the hotspot', `${found} MHz`, `${becomes} MHz`);
    Object.assign(channel, { rxHz: site.txHz, txHz: site.rxHz });
    const blank = this.modes[channel.mode].blankChannel(site) as Channel;
    for (const field of this.siteFields(channel.mode)) {
      const [was, is] = [field.show(channel, this.own), field.show(blank, this.own)];
      if (was === is) continue;
      this.thing(`${channel.mode}-${field.id}-${was}`, `${field.title} of the hotspot`, was, is);
      field.copy(channel, blank);
    }
    const least = lowestOf(this.radio);
    if (channel.power === least) return;
    this.thing('power', 'Power near the hotspot', channel.power, least);
    channel.power = least;
  }

  /**
   * Adds to the copy of the plan what these channels need and it does not have: first what a list names, nearest
   * first.
   */
  private proposeSite(channel: Channel): void {
    const { mode, rxHz, txHz } = channel;
    const name = this.modes[mode].name;
    const there = this.of.listed
      .filter(({ site }) => site.txHz === rxHz && site.rxHz === txHz && objectionTo(site) === null)
      .map((listed) =>
        asRepeater(
          freeId('borrowed', (id) => id in this.plan.sites.byId),
          listed,
          this.plan,
          this.modes,
        ),
      )
      .sort((a, b) => Number(b[mode] !== null) - Number(a[mode] !== null) || a.distanceM - b.distanceM);
    const known = this.sites.get(pairOf(channel));
    if (known) {
      if (known.list === null && known.site[mode] === null)
        Object.assign(known.site, { [mode]: MODE_DATA[mode].blanks.site(this.plan, known.site) });
      known.channelIds.push(channel.id);
      return;
    }
    const id = freeId('borrowed', (taken) => taken in this.plan.sites.byId);
    const site = there[0] ?? newRepeater(id, `${name} ${formatMHz(rxHz)}`, rxHz, txHz);
    if (!there[0]) Object.assign(site, { [mode]: MODE_DATA[mode].blanks.site(this.plan, site) });
    putRow(this.plan.sites, site);
    const distanceM = this.distanceOf(site);
    this.sites.set(pairOf(channel), {
      id: site.id,
      site,
      list: site.listing.list?.name ?? null,
      channelIds: [channel.id],
      distanceM,
    });
  }

  private draftsAt(site: Site, mode: ModeId): readonly ChannelDraft[] {
    const key = `${site.id} ${mode}`;
    const known = this.drafts.get(key);
    if (known) return known;
    const own = this.modes[mode];
    const networks = mode === 'fm' ? [] : networksOf(this.plan, mode as NetworkModeId);
    const infos = [
      ...own.withoutNetwork(this.plan),
      ...networks.flatMap((network) => own.destinations(network as never)),
    ];
    const made = infos.flatMap(({ destination }) => {
      try {
        return draftsFor(this.plan, this.modes, this.radio, site, destination);
      } catch {
        // What a site cannot have at all has no draft there.
        return [];
      }
    });
    this.drafts.set(
      key,
      made.filter(({ values }) => values.mode === mode),
    );
    return this.drafts.get(key)!;
  }

  private destinationOf(channel: Channel, site: Site): Match<Destination> | null {
    const fields = this.callFields(channel.mode);
    const fitting = this.draftsAt(site, channel.mode).filter(
      ({ values }) => same(fields, channel, values, this.own).length === 0,
    );
    const offered = fitting.filter(
      ({ destination }) => this.modes[destination.mode].offer(this.plan, site, destination) !== null,
    );
    const [first, ...others] = offered.length > 0 ? offered : fitting;
    if (!first) return null;
    const reason = [
      `calls ${first.address}`,
      ...(others.length > 0 ? [`the first of ${others.length + 1} that are called so`] : []),
      ...(offered.length === 0 ? ['the site is not known to offer it'] : []),
    ];
    return {
      to: first.destination,
      confidence: Math.max(0.4, 0.97 - Math.min(2, others.length) * 0.15 - (offered.length === 0 ? 0.25 : 0)),
      reason: reason.join(', '),
    };
  }

  private proposedGroup(channel: Channel): ProposedGroup | null {
    const found = this.modes[channel.mode].kit.unknown?.(channel) ?? null;
    const [network] = channel.mode === 'fm' ? [] : networksOf(this.plan, channel.mode as NetworkModeId);
    if (!found || !network) return null;
    const key = `${channel.mode} ${found.number}`;
    const contact = recordsOf(this.of.codeplug)
      .filter(({ mode }) => mode === channel.mode)
      .flatMap(({ table }) => rows(table))
      .find((row) => 'number' in row && row.number === found.number);
    const group = this.groups.get(key) ?? {
      id: `group-${this.groups.size + 1}`,
      mode: channel.mode,
      networkId: network.id,
      networkName: network.name,
      number: found.number,
      name: contact?.name ?? channel.name,
      channelIds: [],
    };
    group.channelIds.push(channel.id);
    this.thing('groups', 'Groups that no network of yours has', String(found.number), '');
    this.groups.set(key, group);
    return group;
  }

  private channel(channel: Channel): BorrowedChannel {
    const isHome = this.isLendersHotspot(channel);
    const home = isHome ? this.hotspotFor(channel.mode) : null;
    if (home) this.moveHome(channel, home);
    const isNew =
      channel.rxHz !== channel.txHz && !rows(this.of.plan.sites).some((one) => pairAt(one) === pairOf(channel));
    if (isNew) this.proposeSite(channel);
    const site: Match<Id> | null = home
      ? { to: home.id, confidence: 0.9, reason: 'on the frequency of the lender’s hotspot, moved to yours' }
      : this.knownSite(channel);
    const there = site && this.plan.sites.byId[site.to]!;
    const proposed = site ? ([...this.sites.values()].find(({ id }) => id === site.to) ?? null) : null;
    const destination = there ? this.destinationOf(channel, there) : null;
    const group = destination || !there ? null : this.proposedGroup(channel);
    return {
      id: channel.id,
      name: channel.name,
      mode: channel.mode,
      site: proposed ? null : site,
      proposedSiteId: proposed?.id ?? null,
      destination,
      proposedGroupId: group?.id ?? null,
      distanceM: there ? this.distanceOf(there) : null,
    };
  }

  /** Contacts of the lender's friends, and the numbers and call signs that are the lender's own. */
  private personal(): Borrowing['personal'] {
    const found: Borrowing['personal'] = [];
    for (const { mode, kind, table } of recordsOf(this.own)) {
      const { personal } = this.modes[mode].kit;
      const mine = personal ? rows(table).filter((row) => personal(row, this.plan)) : [];
      if (mine.length === 0) continue;
      found.push({ mode, key: kind.key, rows: mine });
      this.thing(
        `${mode}-${kind.key}`,
        `${kind.what[0]!.toUpperCase()}${kind.what.slice(1)}s of the lender’s own`,
        mine
          .slice(0, 3)
          .map(({ name }) => name)
          .join(', '),
        '',
        mine.length,
      );
    }
    for (const mode of MODE_IDS) {
      const { identity } = this.modes[mode].kit;
      const [is, own] = [identity?.of(this.radio) ?? '', identity?.own(this.plan.station) ?? ''];
      if (is !== '' && own !== '' && is !== own)
        this.thing(`owner-${is}`, /^\d+$/.test(is) ? 'ID of the lender' : 'Call sign of the lender', is, own);
    }
    for (const owner of this.of.owners) {
      const isId = /^\d+$/.test(owner);
      const { callSign, dmrId } = this.plan.station;
      const own = isId ? String(dmrId ?? '') : callSign;
      if (owner !== own && !this.lender.has(`owner-${owner}`))
        this.thing(`owner-${owner}`, isId ? 'ID of the lender' : 'Call sign of the lender', owner, own);
    }
    return found;
  }

  private removals(channels: readonly BorrowedChannel[]): Removal[] {
    const seen = new Map<string, string>();
    return channels.flatMap((one): Removal[] => {
      const channel = this.own.channels.byId[one.id]!;
      const fields = channelFields(this.modes).filter(
        ({ weight, modes }) => weight >= PATH_WEIGHT && (!modes || modes.includes(channel.mode)),
      );
      const key = `${channel.mode} ${fields.map((field) => field.show(channel, this.own)).join('|')}`;
      const first = seen.get(key);
      if (first !== undefined)
        return [{ channelId: one.id, name: one.name, reason: 'twice', detail: `the same as ${first}` }];
      seen.set(key, one.name);
      const site = this.plan.sites.byId[one.site?.to ?? one.proposedSiteId ?? ''];
      if (site?.kind !== 'repeater') return [];
      const { status, goneOn } = site.listing;
      if (status === 'off the air')
        return [
          { channelId: one.id, name: one.name, reason: 'off the air', detail: `${site.name} is listed as off the air` },
        ];
      return goneOn === null
        ? []
        : [
            {
              channelId: one.id,
              name: one.name,
              reason: 'no longer listed',
              detail: `${site.name} is no longer in its list since ${goneOn}`,
            },
          ];
    });
  }

  run(): Borrowing {
    const channels = rows(this.own.channels).map((channel) => this.channel(channel));
    const personal = this.personal();
    return {
      channels,
      sites: [...this.sites.values()],
      groups: [...this.groups.values()],
      lender: [...this.lender.values()],
      removals: this.removals(channels),
      own: this.own,
      personal,
    };
  }
}

/** @throws Error for a radio that the plan does not have */
export function proposeBorrowing(of: Borrowed, modes: BorrowModes): Borrowing {
  return new Proposer(of, modes).run();
}
