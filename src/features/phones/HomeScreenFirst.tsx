import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { phonesSays } from '@/words/phones/phones';
import { hasOwnStorage } from '@/shell/device/install';

/** Said before the first record, where the installed app begins with an empty book. */
export function HomeScreenFirst() {
  if (!hasOwnStorage()) return null;
  return (
    <Panel>
      <Say size="large" face="slab" heading={2}>
        {phonesSays.ownStorageTitle}
      </Say>
      <Say>{phonesSays.ownStorage}</Say>
      {phonesSays.ownStorageSteps.map((step, at) => (
        <Say key={step}>{`${at + 1}. ${step}`}</Say>
      ))}
      <Say size="small">{phonesSays.takeAlong}</Say>
    </Panel>
  );
}
