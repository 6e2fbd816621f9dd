import { View } from 'react-native';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';

/** Why no dose is proposed, and the way on. */
export function RefusalPanel({ what, wayOn }: { readonly what: string; readonly wayOn: string }) {
  return (
    <Panel tone="wash">
      <View role="status" aria-live="polite">
        <Say size="large" face="slab">
          {what}
        </Say>
        <Say>{wayOn}</Say>
      </View>
    </Panel>
  );
}
