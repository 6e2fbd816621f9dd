import { useRouter } from 'expo-router';
import { hasOwnStorage, isInstalled, useInstall } from '@/shell/device/install';
import { useOfflineReady } from '@/shell/device/offlineReady';
import { paths } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { phonesSays } from '@/words/phones/phones';
import { HomeScreenFirst } from './HomeScreenFirst';

const KEPT = {
  ready: phonesSays.ready,
  keeping: phonesSays.keeping,
  cannot: phonesSays.cannotKeep,
  refused: phonesSays.refused,
} as const;

/** Whether this device works without network and is installed, and how to get there. */
export function ThisDevice() {
  const router = useRouter();
  const install = useInstall();
  const kept = useOfflineReady();
  const installed = isInstalled();
  const canInstall = kept === 'ready' || kept === 'keeping';
  const byMenu = canInstall && !installed && !install && !hasOwnStorage();
  return (
    <>
      <Say size="large" face="slab" heading={2}>
        {phonesSays.thisDevice}
      </Say>
      <Say>{KEPT[kept]}</Say>
      {installed ? <Say>{phonesSays.installed}</Say> : null}
      {install ? (
        <>
          <Say>{phonesSays.installHint}</Say>
          <Button kind="main" label={phonesSays.install} onPress={install} />
        </>
      ) : null}
      {byMenu ? <Say>{phonesSays.byMenu}</Say> : null}
      <HomeScreenFirst />
      {hasOwnStorage() ? (
        <Button label={phonesSays.saveTheBook} onPress={() => router.navigate(paths.bookFile)} />
      ) : null}
    </>
  );
}
