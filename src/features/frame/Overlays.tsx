import { useRouter } from 'expo-router';
import { lazy, Suspense, useState } from 'react';
import { useBack } from '@/shell/navigation/useBack';
import { useKeyAct } from '@/shell/keys/Keys';
import { paths } from '@/shell/navigation/paths';

const Find = lazy(async () => ({ default: (await import('./overlaySheets')).Find }));
const KeyList = lazy(async () => ({ default: (await import('./overlaySheets')).KeyList }));

/** What the keyboard opens over any screen: the list of keys, finding, a reading, going back. */
export function Overlays() {
  const router = useRouter();
  const [open, setOpen] = useState<'find' | 'keys'>();
  const close = () => setOpen(undefined);
  useKeyAct('find', () => setOpen('find'));
  useKeyAct('keys', () => setOpen('keys'));
  useKeyAct('read', () => router.navigate(paths.read()));
  useKeyAct('back', useBack());
  if (!open) return null;
  return (
    <Suspense fallback={null}>
      {open === 'find' ? <Find onClose={close} /> : <KeyList onClose={close} />}
    </Suspense>
  );
}
