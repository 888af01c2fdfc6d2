/** The files of one radio's own program: taught, kept, written and read back. */
import { computed, onScopeDispose, shallowRef, toRaw, watch } from 'vue';
import type { Borrowing } from '@relay/core/borrow/borrowing';
import { forRadio } from '@relay/core/kits/for-radio';
import { fillRadio } from '@relay/core/kits/fill-radio';
import { evidenceOf } from '@relay/core/kits/learn/evidence';
import type { Answer, Question } from '@relay/core/kits/learn/learnt';
import { describeReadFinding } from '@relay/core/formats/format';
import { kitJson } from '@relay/core/formats/kit-json';
import type { FiledSite } from '@relay/core/lists/filed';
import type { ListedIn } from '@relay/core/lists/as-repeater';
import { freshName } from '@relay/core/plan/fresh-name';
import type { Kit } from '@relay/core/plan/kit';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import { cardRow } from '@relay/core/kits/write/card-row';
import { MODES } from '@relay/core/registries/modes';
import type { Codeplug, ModeId, Radio } from '@relay/core/plan/types';
import type { NamedBytes } from '@relay/core/tables/open';
import { download, fileName } from '../../fields/download';
import { newId } from '../../fields/new-id';
import { readTrip } from '../../fields/trip';
import { api, EVERY_SITE } from '../../sync/api';
import { messageOf } from '../../sync/message-of';
import { usePlanStore } from '../../sync/plan-store';
import { startKitWorker } from '../../worker/checker';
import type { Carded, LearntView, Outcome, ReadBack, Written } from '../../worker/kit-worker';

/** As far as people travel with a radio, and as many as are looked through. */
const LISTED_WITHIN_M = 400_000;
const MOST_LISTED = 500;

export interface CardChoice {
  mode: ModeId;
  /** From the station, or off the way of a trip. */
  withinKm: number;
  most: number | null;
  /** The name of a list; empty for all of them. */
  list: string;
  /** As lists write it; empty for every country. */
  country: string;
  /** Places, one a line; empty for what is near the station. */
  trip: string;
}

/** A plain copy: what goes to a worker may not be watched by Vue. */
const plain = <T>(value: T): T => structuredClone(toRaw(value));

async function bytesOf(files: readonly File[]): Promise<NamedBytes[]> {
  return Promise.all(
    files.map(async (file) => ({
      name: file.webkitRelativePath || file.name,
      bytes: new Uint8Array(await file.arrayBuffer()),
    })),
  );
}

export function useKit(radio: () => Radio | null) {
  const store = usePlanStore();
  let worker: ReturnType<typeof startKitWorker> | null = null;
  const now = () => (worker ??= startKitWorker()).kits;
  const learnt = shallowRef<LearntView | null>(null);
  const answers = shallowRef<Answer[]>([]);
  const skipped = shallowRef<ReadonlySet<string>>(new Set());
  const problem = shallowRef('');
  const isBusy = shallowRef('');
  const readBack = shallowRef<(ReadBack & { names: string }) | null>(null);
  const borrowing = shallowRef<Borrowing | null>(null);
  const carded = shallowRef<Carded | null>(null);
  const written = shallowRef<(Written & { name: string }) | null>(null);
  /** The kit that is being corrected; `null`: a new one. */
  const correcting = shallowRef<Kit | null>(null);

  const kit = computed<Kit | null>(() => {
    const id = radio()?.id;
    return rows(store.plan!.kits).find(({ radioId }) => radioId === id) ?? null;
  });
  /** The kit for the worker, as this radio takes it. */
  function kitNow(): Kit {
    return forRadio(plain(kit.value!), radio()!);
  }

  /** Kits of other radios, or of none: another radio may take the same files. */
  const others = computed(() => rows(store.plan!.kits).filter((one) => one.radioId !== radio()?.id));
  const codeplug = computed<Codeplug | null>(() => {
    const id = radio()?.id;
    return id === undefined ? null : (store.plan!.codeplugs[id] ?? null);
  });
  const question = computed<Question | null>(
    () => learnt.value?.questions.find(({ id }) => !skipped.value.has(id)) ?? null,
  );
  const questions = computed(() => learnt.value?.questions.filter(({ id }) => !skipped.value.has(id)).length ?? 0);

  function reset(): void {
    learnt.value = readBack.value = written.value = correcting.value = borrowing.value = carded.value = null;
    answers.value = [];
    skipped.value = new Set();
    problem.value = '';
  }
  watch(() => radio()?.id, reset);
  onScopeDispose(() => stop());

  /** Ends what is under way at once. */
  function stop(): void {
    worker?.end();
    worker = null;
    if (isBusy.value !== '') reset();
    isBusy.value = '';
  }

  /** Shows that it is at work, and says why something was refused. */
  async function during<T>(what: string, act: () => Promise<Outcome<T>>): Promise<T | null> {
    isBusy.value = what;
    problem.value = '';
    try {
      const outcome = await act();
      if (outcome.is === 'done') return outcome.value;
      problem.value = outcome.why;
    } catch (error) {
      problem.value = `It could not be done: ${messageOf(error)}`;
    } finally {
      isBusy.value = '';
    }
    return null;
  }

  async function give(files: readonly File[]): Promise<void> {
    reset();
    const [only] = files;
    if (files.length === 1 && only!.name.endsWith('.json')) {
      const shared = kitJson.read(new Uint8Array(await only!.arrayBuffer()));
      if (shared.value) {
        take({ ...shared.value, id: newId('kit'), radioId: radio()!.id, secretFiles: '' }, only!.name);
        return;
      }
      if (shared.findings.every(({ place }) => place !== '/format' && place !== 'syntax')) {
        problem.value = shared.findings.map(describeReadFinding).join(' ');
        return;
      }
    }
    const named = await bytesOf(files);
    learnt.value = await during('Looking at the files', () => now().give(named, evidenceOf(plain(store.plan!))));
  }

  async function answer(given: readonly Answer[], asked?: Question): Promise<void> {
    if (asked) skipped.value = new Set([...skipped.value, asked.id]);
    const replaced = (one: Answer) =>
      given.some(
        (other) =>
          other.is === one.is &&
          other.file === one.file &&
          other.part === one.part &&
          !('column' in other && 'column' in one && other.column !== one.column) &&
          !('word' in other && 'word' in one && other.word !== one.word),
      );
    answers.value = [...answers.value.filter((one) => !replaced(one)), ...given];
    learnt.value = await now().learn(plain(answers.value));
  }

  const correct = async (): Promise<void> => {
    const of = kit.value!;
    const known = of.tables.flatMap(({ file, part, role, columns }): Answer[] => [
      { is: 'role', file, part, role },
      ...columns.flatMap(({ field }, column): Answer[] =>
        field === 'member' ? [] : [{ is: 'column', file, part, column, field }],
      ),
    ]);
    correcting.value = of;
    answers.value = known;
    const plan = plain(store.plan!);
    learnt.value = await during('Looking at the files', () => now().again(plain(of), evidenceOf(plan), plain(known)));
  };

  function take(next: Kit, from: string): void {
    const name = freshName(
      rows(store.plan!.kits).flatMap((one) => (one.id === next.id ? [] : [one.name])),
      (n) => (n === 1 ? next.name : `${next.name} ${n}`),
    );
    let filled = 0;
    store.edit(`the files of ${radio()!.name} are known`, (draft) => {
      for (const one of Object.values(draft.kits.byId)) if (one.radioId === next.radioId) one.radioId = null;
      putRow(draft.kits, { ...next, name });
      const of = next.radioId === null ? undefined : draft.radios.byId[next.radioId];
      filled = of ? fillRadio(of, next).length : 0;
    });
    const also = filled === 0 ? '' : ` ${filled} of its figures that were not known are filled in from it.`;
    store.notice = `${from}: the layout is kept with ${radio()!.name}.${also}`;
  }

  /** The layout of another radio's files, for this one. */
  const takeLayout = (of: Kit): void =>
    take({ ...of, id: newId('kit'), radioId: radio()!.id, secretFiles: '' }, of.name);

  async function keep(name: string): Promise<void> {
    const of = radio()!;
    const id = correcting.value?.id ?? newId('kit');
    const next = await now().keep({ id, name: correcting.value?.name ?? name, radioId: of.id });
    take(next, next.name);
    reset();
  }

  const about = () => ({ plan: store.plan!.name, radio: radio()!.name, at: new Date().toISOString() });

  async function write(keepOthers: boolean, base: readonly File[] | null = null): Promise<void> {
    const files = base ? await bytesOf(base) : null;
    const of = kitNow();
    const done = await during('Writing and reading back', () =>
      now().write(plain(codeplug.value!), of, files, about(), keepOthers),
    );
    written.value = done && { ...done, name: `${fileName(radio()!.name)}-files.zip` };
  }

  async function compare(files: readonly File[]): Promise<void> {
    const named = await bytesOf(files);
    const done = await during('Comparing', () => now().readBack(plain(codeplug.value!), kitNow(), named));
    readBack.value = done && { ...done, names: files.map(({ name }) => name).join(', ') };
  }

  /** Sites of the lists around the station: a borrowed channel may be for one of them. */
  async function listedAround(): Promise<ListedIn[]> {
    const { position } = store.plan!.station;
    if (!position) return [];
    const near = await api.near(position, MOST_LISTED, { ...EVERY_SITE, withinM: LISTED_WITHIN_M });
    return near.map((site) => ({ site, list: { name: site.listName, issuedOn: site.listIssuedOn } }));
  }

  /** `given`: where the plan does not keep the files. */
  async function borrow(given: readonly File[] | null = null): Promise<void> {
    const base = given && (await bytesOf(given));
    let unheard = '';
    const listed = await listedAround().catch((error: unknown) => {
      unheard = `The lists of sites could not be asked: ${messageOf(error)}`;
      return [];
    });
    const [plan, of] = [plain(store.plan!), kitNow()];
    borrowing.value = await during('Looking at what was borrowed', () =>
      now().borrow(plan, radio()!.id, of, listed, base),
    );
    problem.value ||= unheard;
  }

  async function compareAgain(): Promise<void> {
    const matches = await now().compareAgain(plain(codeplug.value!), kitNow());
    if (readBack.value) readBack.value = { ...readBack.value, matches };
  }

  async function writeChosen(chosen: ReadBack['matches']): Promise<void> {
    const done = await during('Writing and reading back', () =>
      now().writeChosen(plain(codeplug.value!), kitNow(), plain(chosen), about()),
    );
    written.value = done && { ...done, name: `${fileName(radio()!.name)}-files.zip` };
  }

  /** Sites for the card: along a trip in the order of travel, else the nearest to the station first. */
  async function sitesFor({ mode, withinKm, trip, country }: CardChoice): Promise<FiledSite[] | string> {
    const filter = { ...EVERY_SITE, mode: MODES[mode].name, country };
    if (trip.trim() !== '') {
      const { points, problem: why } = readTrip(trip);
      if (why) return why;
      return (await api.along(points, withinKm * 1000, filter, new AbortController().signal)).sites;
    }
    const { position } = store.plan!.station;
    if (!position) return 'Say under Station where you are: the nearest sites are counted from there.';
    return api.near(position, MOST_LISTED, { ...filter, withinM: withinKm * 1000 });
  }

  /** The list of sites of the kit, filled from the directory. */
  async function fillCard(choice: CardChoice): Promise<void> {
    const found = await sitesFor(choice).catch((error: unknown) => messageOf(error));
    if (typeof found === 'string') {
      problem.value = found;
      return;
    }
    const wanted = found.filter(
      ({ status, listName }) => status !== 'off the air' && (choice.list === '' || listName === choice.list),
    );
    const rowsOf = wanted.map((site) => cardRow(site, choice.mode, site.listName));
    carded.value = await during('Writing and reading back', () =>
      now().card(plain(kit.value!), plain(rowsOf), choice.most),
    );
  }

  function saveCard(): void {
    const { zip } = carded.value!;
    if (zip) download(`${fileName(radio()!.name)}-card.zip`, 'application/zip', zip);
  }

  function save(): void {
    const { zip, name } = written.value!;
    if (zip) download(name, 'application/zip', zip);
  }

  function share(): void {
    const of = kit.value!;
    download(`${fileName(of.name)}.kit.json`, kitJson.mediaType, kitJson.write(of, undefined));
  }

  function forget(): void {
    const of = kit.value!;
    store.edit(`forget the files of ${radio()!.name}`, (draft) => removeRow(draft.kits, of.id));
    reset();
  }

  return {
    kit,
    others,
    codeplug,
    learnt,
    question,
    questions,
    problem,
    isBusy,
    readBack,
    borrowing,
    borrow,
    carded,
    fillCard,
    saveCard,
    written,
    correcting,
    give,
    answer,
    correct,
    keep,
    takeLayout,
    write,
    compare,
    compareAgain,
    writeChosen,
    save,
    share,
    forget,
    reset,
    stop,
  };
}
