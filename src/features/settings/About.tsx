import Constants from 'expo-constants';
import { Press } from '@/ui/button';
import { Say } from '@/ui/text';
import { TOUCH } from '@/ui/tokens';

/** Which Zolder this is, and the licences of all that it ships. */
export function About() {
  return (
    <>
      <Say size="large" face="slab" heading={2}>
        About
      </Say>
      <Say size="small">
        Zolder {Constants.expoConfig?.version}. Licence: Apache-2.0. It works on this device and
        sends nothing anywhere. An aid to judgement, not a certified instrument record.
      </Say>
      <Press
        href="/licences.txt"
        onPress={() => window.open('/licences.txt', '_blank', 'noopener')}
        style={{ minHeight: TOUCH, justifyContent: 'center' }}
      >
        <Say size="small" bold tone="action">
          Licences of the fonts and the code it is made with
        </Say>
      </Press>
    </>
  );
}
