import { useRouter } from 'expo-router';
import { useState } from 'react';
import { chunkPart } from '@/shell/chunk';
import { useBack } from '@/shell/navigation/useBack';
import { useKeyAct } from '@/shell/keys/Keys';
import { paths } from '@/shell/navigation/paths';

interface Closed {
  readonly onClose: () => void;
}

const Find = chunkPart<Closed>('keyed', 'Find');
const KeyList = chunkPart<Closed>('keyed', 'KeyList');

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
  return open === 'find' ? <Find onClose={close} /> : <KeyList onClose={close} />;
}
