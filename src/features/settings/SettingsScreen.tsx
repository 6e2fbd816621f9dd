import { useRouter } from 'expo-router';
import { changeSettings } from '@/acts';
import { useAnswer, useAct, useBook, questions } from '@/book/react';
import type { BookSettings } from '@/records/kinds';
import { paths } from '@/shell/navigation/paths';
import { useOpenBook } from '@/shell/otherBook';
import { inBackground } from '@/trouble';
import { Button } from '@/ui/button';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { settingsSays } from '@/words/settings/settings';
import { About } from './About';
import { People } from './People';
import { StorageNote } from './StorageNote';
import { ThisBook } from './ThisBook';
import { ThisDevice } from './ThisDevice';

/** Units, people, the dark, the text: each says what it changes. */
export function SettingsScreen() {
  const { data } = useAnswer(questions.settings());
  const { act } = useAct({ oneByOne: true });
  if (!data) return <Skeleton label={settingsSays.loadingSettings} />;
  const { settings, people } = data;
  const change = (patch: Partial<BookSettings>) =>
    inBackground('settings', act(changeSettings({ ...settings, ...patch })));
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        {commonSays.settings}
      </Say>
      <ThisBook {...{ settings, change }} />
      <People people={people} />
      <ThisDevice />
      <Phones />
      <Keeping />
      <About />
    </Screen>
  );
}

/** Other devices: how they are let in, and that they keep one book. */
function Phones() {
  const router = useRouter();
  return (
    <>
      <Say size="large" face="slab" heading={2}>
        {settingsSays.phones}
      </Say>
      <Say size="small" tone="soft">
        {settingsSays.phonesHint}
      </Say>
      <Button label={settingsSays.phones} onPress={() => router.navigate(paths.phones)} />
      <Say size="small" tone="soft">
        {settingsSays.togetherHint}
      </Say>
      <Button label={settingsSays.together} onPress={() => router.navigate(paths.together)} />
    </>
  );
}

/** The book as a file, its state, and the other book. */
function Keeping() {
  const router = useRouter();
  const { opened } = useBook();
  const inDemo = opened.book === 'demo';
  const openOther = useOpenBook(inDemo ? 'own' : 'demo');
  return (
    <>
      <Say size="large" face="slab" heading={2}>
        {settingsSays.movingAndKeeping}
      </Say>
      <Say size="small" tone="soft">
        {settingsSays.theWholeBookAsOneFile}
      </Say>
      <Button
        label={commonSays.moveOrKeepTheBook}
        onPress={() => router.navigate(paths.bookFile)}
      />
      <StorageNote />
      <Button label={commonSays.stateOfTheBook} onPress={() => router.navigate(paths.bookState)} />
      <Say size="small" tone="soft">
        {inDemo ? settingsSays.inDemo : settingsSays.aboutDemo}
      </Say>
      <Button
        label={inDemo ? settingsSays.openMyOwnBook : commonSays.lookRoundTheDemo}
        onPress={openOther}
      />
    </>
  );
}
