import { createElement as h } from 'react';
import type { Paper } from '@/features/parts/printing';
import { printSays } from '@/words/print/print';
import type { Sheet, SheetBlock } from './sheet';

interface Props {
  readonly sheet: Sheet;
  readonly paper: Paper;
  /** Who printed it and when, and how long it is kept. */
  readonly foot: readonly string[];
}

/*
 * Plain elements of the page: a browser repeats the head of a table on every sheet of paper only where
 * it is a table. How they look stands in public/base.css.
 */

/** Rows keep their place: a document is drawn once. */
const rowOf = (tag: 'th' | 'td', cells: readonly string[], key: string) =>
  h(
    'tr',
    { key },
    cells.map((cell, at) => h(tag, { key: at, ...(tag === 'th' ? { scope: 'col' } : {}) }, cell)),
  );

function block(part: SheetBlock, key: number) {
  switch (part.kind) {
    case 'heading':
      return h('h3', { key }, part.text);
    case 'text':
      return h('p', { key }, part.text);
    case 'facts':
      return h(
        'table',
        { key, className: 'facts' },
        h(
          'tbody',
          null,
          part.facts.map(({ label, value }, at) =>
            h('tr', { key: at }, h('th', { scope: 'row' }, label), h('td', null, value)),
          ),
        ),
      );
    case 'table':
      return part.rows.length === 0
        ? h('p', { key }, `${part.caption}: ${part.empty}`)
        : h(
            'table',
            { key },
            h('caption', null, part.caption),
            h('thead', null, rowOf('th', part.heads, 'head')),
            h(
              'tbody',
              null,
              part.rows.map((cells, at) => rowOf('td', cells, String(at))),
            ),
          );
  }
}

/** A document as it is printed, and as it is looked at before. */
export function SheetView({ sheet, paper, foot }: Props) {
  return h(
    'article',
    { className: 'sheet', 'data-paper': paper, 'aria-label': sheet.title, tabIndex: 0 },
    h('h2', null, sheet.title),
    h('p', null, sheet.about),
    sheet.blocks.map(block),
    h(
      'table',
      { className: 'signature' },
      h(
        'tbody',
        null,
        [printSays.signature, printSays.date].map((label) =>
          h('tr', { key: label }, h('th', { scope: 'row' }, label), h('td', null, ' ')),
        ),
      ),
    ),
    foot.map((line) => h('p', { key: line, className: 'foot' }, line)),
  );
}
