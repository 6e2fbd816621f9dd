import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useAnswer, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { Press } from '@/ui/button';
import { TextField } from '@/ui/form';
import { Overlay } from '@/ui/overlay';
import { Say } from '@/ui/text';
import { TOUCH } from '@/ui/tokens';
import { findIn, type Findable } from './findIn';
import { PLACES } from '@/shell/navigation/places';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { frameSays } from '@/words/frame/frame';

/** Finds a tank, a pen, a lot or a place by a part of its name. */
export function Find({ onClose }: { readonly onClose: () => void }) {
  const nowMs = useNowMs();
  const router = useRouter();
  const formats = useFormats();
  const [typed, setTyped] = useState('');
  const { data: tanks = [] } = useAnswer(questions.tanks(nowMs));
  const { data: pens = [] } = useAnswer(questions.pens(nowMs));
  const { data: lots = [] } = useAnswer(questions.shelf(nowMs));
  const all: readonly Findable[] = [
    ...tanks.map(({ id, body }) => ({ name: body.name, what: 'tank', href: paths.tank(id) })),
    ...pens.map(({ id, body }) => ({
      name: `${body.code} ${body.name}`,
      what: 'pen',
      href: paths.pen(id),
    })),
    ...lots.map(({ id, body }) => ({
      name: `${body.nominal === undefined ? body.kind : formats.number(body.nominal, 2)} ${body.lotCode}`,
      what: 'lot',
      href: paths.lot(id),
    })),
    ...PLACES.map(({ href, label }) => ({ name: label, what: 'place', href })),
    { name: commonSays.settings, what: 'place', href: paths.settings },
    { name: commonSays.moveOrKeepTheBook, what: 'place', href: paths.bookFile },
  ];
  const found = findIn(all, typed);
  return (
    <Overlay title={frameSays.find} onClose={onClose}>
      <TextField label={frameSays.aPartOfItsName} typed={typed} onType={setTyped} />
      {found.map(({ name, what, href }) => (
        <Press
          key={href}
          href={href}
          onPress={() => {
            onClose();
            router.navigate(href);
          }}
          style={{ minHeight: TOUCH, justifyContent: 'center' }}
        >
          <Say>
            <Say bold tone="action">
              {name}
            </Say>{' '}
            <Say size="small" tone="soft">
              {what}
            </Say>
          </Say>
        </Press>
      ))}
      {found.length === 0 ? <Say tone="soft">{frameSays.nothingFound}</Say> : null}
    </Overlay>
  );
}
