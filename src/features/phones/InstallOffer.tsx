import { useEffect, useState } from 'react';
import { useBook } from '@/book/react';
import { useInstall } from '@/shell/device/install';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { phonesSays } from '@/words/phones/phones';

/** The browser's offer to install, once, where a reading was just saved; later it stands in Settings. */
export function InstallOffer() {
  const { device, opened, setDevice } = useBook();
  const install = useInstall();
  const [first] = useState(!device.installOffered);
  const [closed, setClosed] = useState(false);
  const shown = first && !closed && install !== undefined && opened.book === 'own';
  useEffect(() => {
    if (shown && !device.installOffered) setDevice({ installOffered: true });
  }, [shown, device.installOffered, setDevice]);
  if (!shown) return null;
  return (
    <Panel>
      <Say size="large" face="slab" heading={2}>
        {phonesSays.offer}
      </Say>
      <Say>{phonesSays.installHint}</Say>
      <Button label={phonesSays.install} onPress={install} />
      <Button kind="text" label={phonesSays.notNow} onPress={() => setClosed(true)} />
    </Panel>
  );
}
