import { Fragment } from 'react';
import { usePathname, useRouter } from 'expo-router';
import { useAnswer, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { useKeyHint } from '@/shell/keys/useKeyHint';
import { Button } from '@/ui/button';
import { LabelRow } from '@/ui/label-row';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { PEN_TONE } from '@/words';
import { dueLine, errorLine, pensSummary, penWords } from '@/words/pens/penLines';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { penSays } from '@/words/pens/pen';
import { pensSays } from '@/words/pens/pens';

/** Each pen as a label: its state in a word, its error at the crops' pH, when it is due. */
export function PensScreen() {
  const nowMs = useNowMs();
  const router = useRouter();
  const path = usePathname();
  const hint = useKeyHint();
  useKeyAct('add', () => router.navigate(paths.newPen));
  const formats = useFormats();
  const { data: pens } = useAnswer(questions.pens(nowMs));
  if (!pens) return <Skeleton label={pensSays.loadingPens} />;
  const here = pens.filter(({ body }) => !body.gone);
  const gone = pens.filter(({ body }) => body.gone);
  return (
    <Screen
      actions={
        <Button
          kind={pens.length === 0 ? 'main' : 'quiet'}
          wet
          grow
          label={commonSays.addAPen}
          keyHint={hint('N')}
          onPress={() => router.navigate(paths.newPen)}
        />
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {pensSays.pens}
      </Say>
      <Say size="small" tone="soft">
        {pens.length === 0 ? pensSays.whatStandsHere : pensSummary(here)}
      </Say>
      {[...here, ...gone].map((pen, at) => {
        const { code, name } = pen.body;
        const href = paths.pen(pen.id);
        const due = dueLine(pen, nowMs);
        const trouble = pen.word === 'cantBeTrusted';
        const row = (
          <LabelRow
            key={pen.id}
            code={code}
            action={commonSays.open}
            edge={trouble ? 'off' : 'plain'}
            href={href}
            selected={path.startsWith(href)}
            onPress={() => router.navigate(href)}
          >
            <Say bold>{name}</Say>
            <Say face="slab" tone={PEN_TONE[pen.word]}>
              {penWords(pen)}
            </Say>
            {pen.sides.map((side) => (
              <Say key={side.quantity} size="small" face={side.error ? 'mono' : 'text'}>
                {errorLine(side, formats)}
              </Say>
            ))}
            <Say size="small">{due}</Say>
          </LabelRow>
        );
        if (at !== here.length) return row;
        return (
          <Fragment key={pen.id}>
            <Say size="large" face="slab" heading={2}>
              {penSays.noLongerHere}
            </Say>
            {row}
          </Fragment>
        );
      })}
      {here.length > 0 ? (
        <Button
          kind="text"
          label={commonSays.printLabels}
          onPress={() => router.navigate(paths.labels('pen'))}
        />
      ) : null}
    </Screen>
  );
}
