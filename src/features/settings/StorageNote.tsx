import { useEffect, useState } from 'react';
import { persistence, type Persistence } from '@/book/react';
import { inBackground } from '@/trouble';
import { Say } from '@/ui/text';
import { lackingWords, PERSISTENCE_WORDS } from '@/words/settings/storageWords';

/** Whether the browser keeps what is written here, and what this address lacks. */
export function StorageNote() {
  const [promised, setPromised] = useState<Persistence>();
  useEffect(() => inBackground('persistence', persistence().then(setPromised)), []);
  const lacking = lackingWords({
    serviceWorker: 'serviceWorker' in navigator,
    wakeLock: 'wakeLock' in navigator,
    notifications: typeof Notification === 'function' && window.isSecureContext,
  });
  return (
    <>
      {promised ? <Say size="small">{PERSISTENCE_WORDS[promised]}</Say> : null}
      {lacking ? <Say size="small">{lacking}</Say> : null}
    </>
  );
}
