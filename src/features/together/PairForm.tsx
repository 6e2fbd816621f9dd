import { useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { meetNow, useBook } from '@/book/react';
import { noteTrouble } from '@/trouble';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/form';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { HOUSE_TROUBLE } from '@/words/together/houseWords';
import { togetherSays } from '@/words/together/together';

/** The code of a link that was scanned, which stands behind its `#`. */
const scannedCode = () => /^#(\d{6})$/.exec(window.location.hash)?.[1] ?? '';

const NAME_MAX = 40;

interface Messages {
  readonly name?: string;
  readonly code?: string;
}

/** The six digits that the computer shows, and what this device is called. */
export function PairForm() {
  const { client, device } = useBook();
  const [name, setName] = useState(device.initials);
  const [code, setCode] = useState(scannedCode);
  const [messages, setMessages] = useState<Messages>({});
  const [isAsking, setIsAsking] = useState(false);
  const asking = useRef(false);
  const pair = async () => {
    const digits = code.replaceAll(/\s/g, '');
    const called = name.trim().slice(0, NAME_MAX);
    const wrong = {
      ...(called ? {} : { name: togetherSays.nameMissing }),
      ...(/^\d{6}$/.test(digits) ? {} : { code: togetherSays.codeWrong }),
    };
    setMessages(wrong);
    // A second press while the first is on its way would use the code up.
    if (asking.current || Object.keys(wrong).length > 0) return;
    asking.current = true;
    setIsAsking(true);
    try {
      const paired = await client.pairHouse(digits, called);
      if (paired.ok) await meetNow();
      else setMessages({ code: HOUSE_TROUBLE[paired.refusal] });
    } catch (error) {
      noteTrouble('pairing', error);
      setMessages({ code: togetherSays.notKept });
    } finally {
      asking.current = false;
      setIsAsking(false);
    }
  };
  const note = (text: string | undefined) => (text ? { text } : undefined);
  return (
    <View style={styles.form}>
      <TextField
        label={togetherSays.name}
        hint={togetherSays.nameHint}
        typed={name}
        onType={setName}
        message={note(messages.name)}
      />
      <TextField
        label={togetherSays.code}
        hint={togetherSays.codeHint}
        typed={code}
        onType={setCode}
        numeric
        onEnter={pair}
        message={note(messages.code)}
      />
      <Say size="small" tone="soft">
        {togetherSays.union}
      </Say>
      <Button
        kind="main"
        wet
        label={isAsking ? togetherSays.pairing : togetherSays.pair}
        onPress={pair}
      />
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: space.s4 } });
