import { useState } from 'react';
import { View } from 'react-native';
import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { Choice, TextField } from '@/ui/form';
import { Panel, Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { DISPUTES, type Dispute } from '@/words';
import { commonSays } from '@/words/common';
import { helpSays } from '@/words/help/help';
import { DrawingsKey } from './DrawingsKey';
import { HELP_CARDS } from '@/words/help/helpCards';
import { HELP_PAGE_NAMES, HELP_PAGES, holdsWords, type HelpPage } from '@/words/help/helpPlaces';

const DISPUTE_LIST: readonly Dispute[] = Object.values(DISPUTES);

/** Short answers in one place: by place or by words, the drawings, and where the trade disagrees. */
export function HelpScreen() {
  const back = useBack();
  const [page, setPage] = useState<HelpPage>('all');
  const [typed, setTyped] = useState('');
  // Words are looked for everywhere, whichever page stands open.
  const here = typed.trim() === '' ? page : 'all';
  const cards = HELP_CARDS.filter(
    (card) =>
      (here === 'all' || card.pages.includes(here)) &&
      holdsWords(`${card.question} ${card.answer}`, typed),
  );
  const disputes =
    here === 'all'
      ? DISPUTE_LIST.filter(({ question, why, others, schools }) =>
          holdsWords([question, why, others, ...schools].join(' '), typed),
        )
      : [];
  return (
    <Screen actions={<Button wet label={commonSays.back} onPress={back} />}>
      <Say size="huge" face="slab" heading={1}>
        {commonSays.help}
      </Say>
      <TextField label={helpSays.searchHelp} typed={typed} onType={setTyped} />
      <Choice
        label={helpSays.aboutWhichPlace}
        value={here}
        onChoose={(next) => {
          setTyped('');
          setPage(next);
        }}
        options={HELP_PAGE_NAMES.map((value) => ({ value, label: HELP_PAGES[value].label }))}
      />
      {HELP_PAGES[here].about.length > 0 ? (
        <Panel tone="wash">
          {HELP_PAGES[here].about.map((text) => (
            <Say key={text}>{text}</Say>
          ))}
        </Panel>
      ) : null}
      {here === 'drawings' ? <DrawingsKey /> : null}
      <View role="status" aria-live="polite">
        {cards.length + disputes.length === 0 && here === 'all' ? (
          <Say>{helpSays.nothingFound}</Say>
        ) : null}
      </View>
      {cards.map(({ id, question, answer, source }) => (
        <Panel key={id}>
          <Say bold>{question}</Say>
          <Say>{answer}</Say>
          {source ? (
            <Say size="tiny" tone="soft">
              {source}
            </Say>
          ) : null}
        </Panel>
      ))}
      {disputes.length > 0 ? (
        <Say size="large" face="slab" heading={2}>
          {helpSays.wherePeopleDisagree}
        </Say>
      ) : null}
      {disputes.map(({ question, schools, why, others }) => (
        <View key={question}>
          <Say bold>{question}</Say>
          <Say size="small" tone="soft">
            {schools.join(' · ')}
          </Say>
          <Say size="small">
            {why} {others}
          </Say>
        </View>
      ))}
      <Say size="small" tone="soft">
        {helpSays.zolderIsAnAidToJudgement}
      </Say>
    </Screen>
  );
}
