import { afterEach, describe, expect, it, vi } from 'vitest';
import { CellPainter, type Drawing } from './cell-painter';
import type { SheetRow } from './sheet';

const row = (id: string, values: Record<string, string> = {}): SheetRow => ({
  id,
  verdict: null,
  expects: {},
  ...values,
});
const place = (itemIndex: number) => ({ itemIndex, start: itemIndex * 100, size: 90 });

/** The events of the grid, with its rows as elements without cells. */
function gridOf() {
  const root = document.createElement('div');
  const part = document.createElement('div');
  root.append(part);
  document.body.append(root);
  const tell = (name: string, detail: object) => {
    const event = new CustomEvent(name, { detail, bubbles: true, cancelable: true });
    part.dispatchEvent(event);
    return event;
  };
  const render = (rows: [number, SheetRow][], columns: number[]) => {
    tell('beforedatarender', { colType: 'rgCol' });
    const told = rows.flatMap(([itemIndex, model]) =>
      columns.map((column) =>
        tell('beforecellrender', { column: place(column), row: { itemIndex }, model: { model }, colType: 'rgCol' }),
      ),
    );
    rows.forEach(([itemIndex], at) => {
      const element = (part.children[at] ?? part.appendChild(document.createElement('div'))) as HTMLElement;
      element.dataset['rgrow'] = String(itemIndex);
    });
    tell('afterrender', { type: 'rgRow' });
    return told;
  };
  const texts = () =>
    [...part.children].map((one) => [...one.children].map((cell) => cell.textContent?.replaceAll(/\s+/g, ' ')));
  return { root, part, render, texts, tell };
}

const drawing = (more: Partial<Drawing> = {}): Drawing => ({
  content: (_, column, of) => ({ text: String(of[`c${column}`] ?? ''), beside: null }),
  classes: () => 'is-right',
  columnNumber: (_, column) => column + 2,
  ...more,
});

afterEach(() => document.body.replaceChildren());

describe('the painter of the sheet', () => {
  it('draws the rows and columns that the grid has placed, in the order of columns, with their roles', () => {
    const grid = gridOf();
    new CellPainter(drawing()).attach(grid.root);
    const told = grid.render(
      [
        [7, row('a', { c1: 'one', c2: 'two' })],
        [8, row('b', { c2: 'four' })],
      ],
      [2, 1],
    );
    expect(grid.texts()).toEqual([
      ['one', 'two'],
      ['', 'four'],
    ]);
    // The grid draws none of its own.
    expect(told.every((event) => event.defaultPrevented)).toBe(true);
    const [first] = grid.part.children[0]!.children as unknown as HTMLElement[];
    expect(first!.outerHTML).toBe(
      '<div role="gridcell" tabindex="-1" style="left: 100px; width: 90px;" data-rgcol="1" aria-colindex="3" ' +
        'data-rgrow="7" aria-rowindex="8" class="rgCell is-right">one</div>',
    );
  });

  it('keeps its elements while the sheet scrolls, and takes away those of columns that left', () => {
    const grid = gridOf();
    new CellPainter(drawing()).attach(grid.root);
    grid.render([[0, row('a', { c0: 'one', c1: 'two' })]], [0, 1]);
    const [first] = grid.part.children[0]!.children;
    const text = first!.firstChild;
    grid.render([[5, row('f', { c0: 'six' })]], [0]);
    expect([grid.texts(), first!.firstChild === text, first!.getAttribute('data-rgrow')]).toEqual([
      [['six']],
      true,
      '5',
    ]);
    grid.render([[5, row('f', { c0: 'six', c1: 'seven', c2: 'eight' })]], [1, 2]);
    expect(grid.texts()).toEqual([['seven', 'eight']]);
  });

  it('shows what a cell needs beside it, and the plain value when it is mended', () => {
    let needs: string | null = '2';
    const grid = gridOf();
    const painter = new CellPainter(
      drawing({
        content: () => ({
          text: '1',
          beside: needs === null ? null : { text: needs, title: `needs ${needs}`, word: 'needs ', isNeeded: true },
        }),
      }),
    );
    painter.attach(grid.root);
    grid.render([[0, row('a')]], [0]);
    const cell = grid.part.querySelector('.rgCell')!;
    expect([cell.textContent, cell.querySelector('.expects')!.getAttribute('title')]).toEqual(['1needs 2', 'needs 2']);
    needs = '3';
    painter.redraw();
    expect(cell.textContent).toBe('1needs 3');
    needs = null;
    painter.redraw();
    expect([cell.innerHTML, cell.className]).toEqual(['1', 'rgCell is-right']);
  });

  it('writes only what has changed, and nothing to what is gone', () => {
    const classes = vi.fn(() => '');
    const grid = gridOf();
    const painter = new CellPainter(drawing({ classes }));
    const end = painter.attach(grid.root);
    grid.render([[0, row('a', { c0: 'one' })]], [0]);
    const cell = grid.part.querySelector('.rgCell')!;
    const write = vi.spyOn(cell, 'setAttribute');
    painter.redraw();
    expect([classes.mock.calls.length, write.mock.calls.length]).toEqual([2, 0]);
    grid.part.remove();
    painter.redraw();
    grid.root.append(grid.part);
    painter.redraw();
    expect(classes.mock.calls.length).toBe(2);
    end();
    expect(grid.tell('beforecellrender', {}).defaultPrevented).toBe(false);
  });

  it('cuts a text that could be wider than its cell', () => {
    const grid = gridOf();
    new CellPainter(drawing()).attach(grid.root);
    grid.render([[0, row('a', { c0: 'Haskvik', c1: 'Haskvik harbour, by the old mole' })]], [0, 1]);
    expect([...grid.part.querySelectorAll('.rgCell')].map((one) => one.classList.contains('is-cut'))).toEqual([
      false,
      true,
    ]);
  });
});
