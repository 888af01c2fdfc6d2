/**
 * Whoever works by keyboard loses the place when what had the focus goes: a finding that was mended, a row that was
 * removed. The focus then goes to what took its place: the same control of the row behind, else the nearest part that
 * is left.
 */
const FOCUSABLE = 'a[href], button:not(:disabled), input:not(:disabled), [tabindex="0"]';
const ROW = '[data-index], li, tr';

interface Place {
  element: Element;
  /** From the nearest to the farthest. */
  around: Element[];
  /** The row of a list that it stood in, by its number there, and which of its controls it was. */
  row: { list: Element; at: number; control: number } | null;
}

const numberOf = (row: Element): number =>
  row instanceof HTMLElement && row.dataset['index'] !== undefined
    ? Number(row.dataset['index'])
    : [...(row.parentElement?.children ?? [])].indexOf(row);

function placeOf(element: Element): Place {
  const around: Element[] = [];
  for (let one = element.parentElement; one; one = one.parentElement) around.push(one);
  const row = element.closest(ROW);
  return {
    element,
    around,
    row: row?.parentElement
      ? {
          list: row.parentElement,
          at: numberOf(row),
          control: [...row.querySelectorAll(FOCUSABLE)].indexOf(element),
        }
      : null,
  };
}

function nextTo({ around, row }: Place): HTMLElement | null {
  if (row?.list.isConnected) {
    const rows = [...row.list.children].filter((one) => one.matches(ROW) && one.querySelector(FOCUSABLE));
    const behind = rows.find((one) => numberOf(one) >= row.at) ?? rows.at(-1);
    const controls = [...(behind?.querySelectorAll<HTMLElement>(FOCUSABLE) ?? [])];
    const next = controls[row.control] ?? controls[0];
    if (next) return next;
  }
  for (const one of around) {
    if (!one.isConnected) continue;
    if (one.id === 'work') return one as HTMLElement;
    const inside = one.querySelector<HTMLElement>(FOCUSABLE);
    if (inside) return inside;
  }
  return null;
}

/** Keeps the focus within a part of the page, until what it answers is called. */
export function keepFocus(root: HTMLElement): () => void {
  let place: Place | null = null;
  let pending = 0;
  const note = (focused: EventTarget | null) => {
    // The sheet keeps its own.
    const isKept = focused instanceof Element && root.contains(focused) && !focused.closest('revo-grid');
    place = isKept ? placeOf(focused) : null;
  };
  const onFocus = ({ target }: FocusEvent) => note(target);
  const look = () => {
    pending = 0;
    if (!place || place.element.isConnected || document.activeElement !== document.body) return;
    const next = nextTo(place);
    place = null;
    next?.focus({ preventScroll: true });
  };
  const watcher = new MutationObserver(() => {
    if (place && !place.element.isConnected && pending === 0) pending = requestAnimationFrame(look);
  });
  note(document.activeElement);
  root.addEventListener('focusin', onFocus);
  watcher.observe(root, { childList: true, subtree: true });
  return () => {
    root.removeEventListener('focusin', onFocus);
    watcher.disconnect();
    cancelAnimationFrame(pending);
  };
}
