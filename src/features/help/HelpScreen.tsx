import { useState } from 'react';
import { View } from 'react-native';
import { chunkPart } from '@/shell/chunk';
import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { Choice, TextField } from '@/ui/form';
import { Panel, Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { DISPUTES, type Dispute } from '@/words';
import { commonSays } from '@/words/common';
import { helpSays } from '@/words/help/help';
import { drawingsOf, type DrawingsKeyProps } from './drawingsKey';
import { HELP_CARDS } from '@/words/help/helpCards';
import { HELP_PAGE_NAMES, HELP_PAGES, holdsWords, type HelpPage } from '@/words/help/helpPlaces';

// The charts come when one is shown.
const DrawingsKey = chunkPart<DrawingsKeyProps>('charts', 'DrawingsKey');

const DISPUTE_LIST: readonly Dispute[] = Object.values(DISPUTES);

/** Short answers in one place: by place or by words, the drawings, and where the trade disagrees. */
export function HelpScreen() {
  const back = useBack();
  const [page, setPage] = useState<HelpPage>('all');
  const [typed, setTyped] = useState('');
  // Words are looked for everywhere, whichever page stands open.
  const searching = typed.trim() !== '';
  const here = searching ? 'all' : page;
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
  // Without words a place tells what it is for; searched, every place that holds them.
  const places = HELP_PAGE_NAMES.map((name) => ({
    name,
    about: HELP_PAGES[name].about.filter((text) =>
      searching ? holdsWords(`${HELP_PAGES[name].label} ${text}`, typed) : name === page,
    ),
  })).filter(({ about }) => about.length > 0);
  const drawings = searching || page === 'drawings' ? drawingsOf(typed) : undefined;
  const drawn = (drawings?.readings.length ?? 0) + (drawings?.charts.length ?? 0) > 0;
  const nothing = cards.length + disputes.length + places.length === 0 && !drawn;
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
      {places.map(({ name, about }) => (
        <Panel key={name} tone="wash">
          {searching ? <Say bold>{HELP_PAGES[name].label}</Say> : null}
          {about.map((text) => (
            <Say key={text}>{text}</Say>
          ))}
        </Panel>
      ))}
      {drawings && drawn ? <DrawingsKey {...drawings} /> : null}
      <View role="status" aria-live="polite">
        {nothing ? <Say>{helpSays.nothingFound}</Say> : null}
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
