import { View } from 'react-native';
import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { Panel, Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { DISPUTES, type Dispute } from '@/words';
import { HELP_CARDS } from './helpCards';

const DISPUTE_LIST: readonly Dispute[] = Object.values(DISPUTES);

/** Short answers in one place, and where the trade disagrees with both sides. */
export function HelpScreen() {
  const back = useBack();
  return (
    <Screen actions={<Button wet label="Back" onPress={back} />}>
      <Say size="huge" face="slab" heading={1}>
        Help
      </Say>
      <Say size="small" tone="soft">
        Zolder is an aid to judgement, not a certified instrument record. Where a permit or a buyer
        asks for certified calibration, use an accredited service and keep their papers.
      </Say>
      {HELP_CARDS.map(({ id, question, answer, source }) => (
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
      <Say size="large" face="slab" heading={2}>
        Where people disagree
      </Say>
      {DISPUTE_LIST.map(({ question, schools, why, others }) => (
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
    </Screen>
  );
}
