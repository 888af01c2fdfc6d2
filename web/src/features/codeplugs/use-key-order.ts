/**
 * Keys come faster than the sheet opens a cell or moves on to the next one: the grid does either some frames later, and
 * what is typed meanwhile would land in the cell before, or nowhere. So it waits here and is typed when the sheet stands
 * still, in the order in which it came.
 */
import { onBeforeUnmount, onMounted } from 'vue';

/** A cell opens within a few frames; a busy machine takes many. */
const MOST_FRAMES = 120;
/** The grid begins what a key asks for within these. */
const FEWEST_FRAMES = 2;

const aFrame = () => new Promise((go) => requestAnimationFrame(go));
const isArrow = (event: KeyboardEvent) => event.key.startsWith('Arrow');

/** Where a key leads: columns, rows. */
function stepOf({ key, shiftKey }: KeyboardEvent): [number, number] {
  if (key === 'Tab') return [shiftKey ? -1 : 1, 0];
  if (key === 'ArrowLeft') return [-1, 0];
  if (key === 'ArrowRight') return [1, 0];
  return [0, key === 'ArrowUp' ? -1 : 1];
}
const openInput = () => {
  const { activeElement } = document;
  return activeElement instanceof HTMLInputElement && activeElement.closest('revogr-edit') ? activeElement : null;
};

interface Sheet {
  /** What holds the grid. */
  element: () => HTMLElement | null;
  /** Whether a cell is open or about to be. */
  isTyping: () => boolean;
  /** The cell that is selected, and how far the sheet goes. */
  place: () => { x: number; y: number; columns: number; rows: number } | null;
  /** Puts the focus on the cell that is selected. */
  focus: () => void;
  /** No cell is about to open after all. */
  forget: () => void;
}

export function useKeyOrder({ element, isTyping, place, focus, forget }: Sheet) {
  const waiting: KeyboardEvent[] = [];
  /** Those that have waited. */
  const released = new WeakSet<Event>();
  let isSettling = false;
  /** What was asked for and is not done yet. */
  let opening: Promise<unknown> = Promise.resolve();
  /** Moves that the grid has not made yet, and where they lead. */
  let moves = 0;
  let then = { x: 0, y: 0 };

  /** A field that was left stays for some frames, and the next cell to open would get it with what was typed in it. */
  const isAnyOpen = () => (element()?.querySelector('revogr-edit input') ?? null) !== null;
  const isSteady = () => moves === 0 && (isTyping() ? openInput() !== null : !isAnyOpen());

  async function stand(): Promise<void> {
    for (let frame = 0; frame < MOST_FRAMES; frame += 1) {
      await opening;
      await aFrame();
      if (frame >= FEWEST_FRAMES && isSteady()) break;
    }
    // What has not opened by now will not: the sheet must not stand still for it.
    if (isTyping() && !openInput()) forget();
    moves = 0;
    if (document.activeElement === document.body) focus();
  }

  async function settle(): Promise<void> {
    isSettling = true;
    await stand();
    for (let key = waiting.shift(); key; key = waiting.shift()) {
      press(key);
      await stand();
    }
    isSettling = false;
  }

  /** As if the key came now. */
  function press(event: KeyboardEvent): void {
    const input = openInput();
    // A made event types nothing.
    if (input && event.key.length === 1)
      input.setRangeText(event.key, input.selectionStart!, input.selectionEnd!, 'end');
    else if (input && event.key === 'Backspace') document.execCommand('delete');
    else {
      const again = new KeyboardEvent('keydown', event);
      released.add(again);
      (document.activeElement ?? element())?.dispatchEvent(again);
    }
  }

  /** At its edge the grid does not move, and does not say so. */
  function move(event: KeyboardEvent): void {
    const now = place();
    if (!now) return;
    const [right, down] = stepOf(event);
    const from = moves > 0 ? then : now;
    const to = { x: from.x + right, y: from.y + down };
    if (to.x < 0 || to.y < 0 || to.x >= now.columns || to.y >= now.rows) return;
    then = to;
    moves += 1;
  }

  /** To be called for each key that the sheet gets: whether those behind it must wait. */
  function mind(event: KeyboardEvent): void {
    const isInCell = openInput() !== null;
    const isMove = isInCell ? event.key === 'Enter' || event.key === 'Tab' : isArrow(event) || event.key === 'Tab';
    const opens = !isInCell && (event.key === 'F2' || event.key === 'Enter' || event.key.length === 1);
    if (event.ctrlKey || event.metaKey || event.altKey || (event.shiftKey && isArrow(event))) return;
    if (isMove) move(event);
    if ((isMove || opens || (isInCell && event.key === 'Escape')) && !isSettling) void settle();
  }

  function moved(): void {
    moves = Math.max(0, moves - 1);
  }

  /** Whoever works elsewhere by now is left alone. */
  function hold(event: KeyboardEvent): void {
    const { target } = event;
    const isOurs = target === document.body || (target instanceof Node && element()?.contains(target) === true);
    if (!isSettling || released.has(event) || !isOurs || event.ctrlKey || event.metaKey || event.altKey) return;
    // Arrows behind arrows the grid keeps in order itself.
    if (isArrow(event) && target !== document.body && moves > 0 && waiting.length === 0 && !isTyping()) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    waiting.push(event);
  }

  onMounted(() => document.addEventListener('keydown', hold, true));
  onBeforeUnmount(() => document.removeEventListener('keydown', hold, true));

  return { mind, moved, opens: (work: Promise<unknown>) => void (opening = work) };
}
