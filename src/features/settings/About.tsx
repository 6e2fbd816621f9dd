import Constants from 'expo-constants';
import { inBase } from '@/ui/inBase';
import { Press } from '@/ui/button';
import { Say } from '@/ui/text';
import { TOUCH } from '@/ui/tokens';
import { settingsSays } from '@/words/settings/settings';

/** Which Zolder this is, and the licences of all that it ships. */
export function About() {
  return (
    <>
      <Say size="large" face="slab" heading={2}>
        {settingsSays.about}
      </Say>
      <Say size="small">{settingsSays.version(Constants.expoConfig?.version ?? '')}</Say>
      <Press
        href="/licences.txt"
        onPress={() => window.open(inBase('/licences.txt'), '_blank', 'noopener')}
        style={{ minHeight: TOUCH, justifyContent: 'center' }}
      >
        <Say size="small" bold tone="action">
          {settingsSays.licences}
        </Say>
      </Press>
    </>
  );
}
