import type { Labelled } from '@/book/answers';
import { shortCode } from '@/core/labels';
import type { BookState } from './bookState';
import { inOrder } from './tankAnswers';

/** Everything that may bear a label: tanks in the order of the round, pens by code, lots that are not empty. */
export function labelsAnswer(book: BookState): readonly Labelled[] {
  const tanks = inOrder(book).map(({ id, body }, at): Labelled => {
    return { kind: 'tank', id, short: shortCode(id), number: at + 1, name: body.name };
  });
  const pens = book
    .all('pen')
    .filter(({ body }) => !body.gone)
    .map(({ id, body: { code, name } }): Labelled => {
      return { kind: 'pen', id, short: shortCode(id), code, name };
    });
  const lots = book
    .all('lot')
    .filter(({ body }) => body.left !== 0)
    .map(({ id, body }): Labelled => ({ kind: 'lot', id, short: shortCode(id), body }));
  const ofPen = (one: Labelled) => (one.kind === 'pen' ? one.code : '');
  pens.sort((a, b) => ofPen(a).localeCompare(ofPen(b), 'en', { numeric: true }));
  return [...tanks, ...pens, ...lots];
}
