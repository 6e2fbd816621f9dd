import { createElement as h } from 'react';
import type { Labelled } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { QrCode } from '@/ui/qr/QrCode';
import { inBase } from '@/ui/inBase';
import { labelsSays, labelText } from '@/words/labels/labels';
import { labelLink } from './labelLink';

export type LabelSize = 'small' | 'medium' | 'large';

/** The side of the code on each size, px of 1/96 inch: 19, 30 and 46 mm. */
const CODE_SIDE: Readonly<Record<LabelSize, number>> = { small: 72, medium: 113, large: 174 };

interface Props {
  readonly labels: readonly Labelled[];
  readonly size: LabelSize;
}

/*
 * Plain elements, as on the other documents; how they look and how large they are on paper stands in
 * public/base.css.
 */

/** A sheet of labels, as it is printed and as it is looked at before. */
export function LabelSheet({ labels, size }: Props) {
  const formats = useFormats();
  const { origin } = window.location;
  return h(
    'ul',
    { className: ['sheet', 'labels', `labels-${size}`].join(' '), 'aria-label': labelsSays.title },
    labels.map((one) => {
      const { large, name } = labelText(one, formats);
      const link = labelLink(one.short, origin, inBase(''));
      return h(
        'li',
        { key: one.id },
        h(QrCode, { text: link, label: labelsSays.qr(name || large), side: CODE_SIDE[size] }),
        h(
          'p',
          null,
          h('strong', { className: one.kind === 'lot' ? 'long' : undefined }, large),
          h('span', null, name),
          h('small', null, one.short),
        ),
      );
    }),
  );
}
