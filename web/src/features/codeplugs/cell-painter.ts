/**
 * Draws the cells of the sheet. The grid places rows and columns, scrolls, and knows what is selected; what stands in a
 * row is drawn here. The grid would make and compare a description of every cell for each frame of a scroll; this one
 * changes what is another value, and nothing else.
 */
import type { SheetRow } from './sheet';
import type { CellContent } from './sheet-cells';

/** Where the grid has put a column, px; `itemIndex`: counted on its side of the frozen edge. */
interface Place {
  itemIndex: number;
  start: number;
  size: number;
}

/** What the grid tells before it draws a cell, unless it is told not to. */
interface CellTold {
  column: Place;
  row: { itemIndex: number };
  model: { model: SheetRow };
  colType: string;
}

/** What to draw: the column is counted on its side of the frozen edge. */
export interface Drawing {
  content: (side: string, column: number, row: SheetRow) => CellContent;
  /** All classes of a cell beside the grid's own. */
  classes: (side: string, column: number, row: SheetRow, rowIndex: number) => string;
  /** The column as it is told to those who are read to, from 1. */
  columnNumber: (side: string, column: number) => number;
}

/** The rows and columns that one part of the grid shows: those on one side of the frozen edge. */
interface Part {
  side: string;
  columns: Place[];
  rows: Map<number, SheetRow>;
}

/** A cell as it was drawn last. */
interface Drawn {
  element: HTMLElement;
  column: number;
  rowIndex: number;
  place: string;
  classes: string;
  said: string;
}

export class CellPainter {
  readonly #parts = new Map<HTMLElement, Part>();
  readonly #drawn = new WeakMap<Element, Drawn[]>();

  constructor(private readonly drawing: Drawing) {}

  /** Takes over from the grid that is or comes into `root`. @returns what ends it */
  attach(root: HTMLElement): () => void {
    const TOLD = {
      beforedatarender: (event: CustomEvent<{ colType: string }>) => this.#begin(event),
      beforecellrender: (event: CustomEvent<CellTold>) => this.#place(event),
      afterrender: (event: Event) => this.#draw(event.target as HTMLElement),
    };
    const all = Object.entries(TOLD) as [string, EventListener][];
    for (const [name, listener] of all) root.addEventListener(name, listener, true);
    return () => {
      for (const [name, listener] of all) root.removeEventListener(name, listener, true);
    };
  }

  /** Draws what is in view anew, where something else than rows and columns has changed. */
  redraw(): void {
    for (const part of this.#parts.keys())
      if (part.isConnected) this.#draw(part);
      else this.#parts.delete(part);
  }

  #begin({ target, detail }: CustomEvent<{ colType: string }>): void {
    this.#parts.set(target as HTMLElement, { side: detail.colType, columns: [], rows: new Map() });
  }

  #place(event: CustomEvent<CellTold>): void {
    const part = this.#parts.get(event.target as HTMLElement);
    if (!part) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    const { column, row, model } = event.detail;
    // The columns are the same in each row.
    if (part.rows.size === 0 || (part.rows.size === 1 && part.rows.has(row.itemIndex))) part.columns.push(column);
    part.rows.set(row.itemIndex, model.model);
  }

  #draw(element: HTMLElement): void {
    const part = this.#parts.get(element);
    if (!part) return;
    // The grid uses places again for what comes into view; those who are read to get columns in order.
    part.columns.sort((a, b) => a.itemIndex - b.itemIndex);
    for (const child of element.children) {
      const { rgrow } = (child as HTMLElement).dataset;
      const row = rgrow === undefined ? undefined : part.rows.get(Number(rgrow));
      if (row) this.#drawRow(child, part, row, Number(rgrow));
    }
  }

  #drawRow(element: Element, { side, columns }: Part, row: SheetRow, rowIndex: number): void {
    let cells = this.#drawn.get(element);
    if (!cells) this.#drawn.set(element, (cells = []));
    for (const { element: gone } of cells.splice(columns.length)) gone.remove();
    columns.forEach(({ itemIndex, start, size }, at) => {
      let cell = cells[at];
      if (!cell) element.append((cell = cells[at] = newCell()).element);
      const place = `${start} ${size}`;
      if (cell.place !== place) {
        cell.place = place;
        cell.element.style.left = `${start}px`;
        cell.element.style.width = `${size}px`;
      }
      if (cell.column !== itemIndex) {
        cell.column = itemIndex;
        cell.element.setAttribute('data-rgcol', String(itemIndex));
        cell.element.setAttribute('aria-colindex', String(this.drawing.columnNumber(side, itemIndex)));
      }
      if (cell.rowIndex !== rowIndex) {
        cell.rowIndex = rowIndex;
        cell.element.setAttribute('data-rgrow', String(rowIndex));
        cell.element.setAttribute('aria-rowindex', String(rowIndex + 1));
      }
      const content = this.drawing.content(side, itemIndex, row);
      const fits = !content.beside && content.text.length * WIDEST_LETTER + PADDING <= size;
      const classes = `rgCell ${this.drawing.classes(side, itemIndex, row, rowIndex)}${fits ? '' : ' is-cut'}`;
      if (cell.classes !== classes) cell.element.className = cell.classes = classes;
      fill(cell, content);
    });
  }
}

/** Of the letters that are usual in a cell, px. */
const WIDEST_LETTER = 9;
/** Of both edges of a cell, px. */
const PADDING = 17;

function newCell(): Drawn {
  const element = document.createElement('div');
  element.setAttribute('role', 'gridcell');
  element.tabIndex = -1;
  return { element, column: -1, rowIndex: -1, place: '', classes: '', said: '' };
}

function fill(cell: Drawn, { text, beside }: CellContent): void {
  const said = beside ? JSON.stringify([text, beside]) : text;
  if (cell.said === said) return;
  const wasPlain = cell.element.firstElementChild === null;
  cell.said = said;
  if (beside) {
    cell.element.replaceChildren(markedOff(text, beside));
    return;
  }
  const { firstChild } = cell.element;
  // Plain text stays the same node: it is what most cells hold, before and after.
  if (wasPlain && firstChild) firstChild.nodeValue = text;
  else cell.element.textContent = text;
}

function markedOff(text: string, { text: other, title, word, isNeeded }: NonNullable<CellContent['beside']>): Element {
  const span = (className: string, ...children: (string | Node)[]) => {
    const element = document.createElement('span');
    element.className = className;
    element.append(...children);
    return element;
  };
  const said = span(
    isNeeded ? 'expects is-needed' : 'expects',
    ...(word ? [span('visually-hidden', word)] : []),
    other,
  );
  said.title = title;
  const box = document.createElement('div');
  box.className = 'cell--off';
  box.append(span('value', text), said);
  return box;
}
