import { usePathname, useRouter } from 'expo-router';
import { useHouseStatus, useNowMs } from '@/book/react';
import { paths } from '@/shell/navigation/paths';
import { houseAlarm } from '@/words/together/houseWords';
import { NoteLine } from './NoteLine';

/** A trouble of the exchange that does not pass by itself: one line, leading to where it is mended. */
export function HouseNote() {
  const nowMs = useNowMs();
  const path = usePathname();
  const router = useRouter();
  const status = useHouseStatus();
  const words = status && houseAlarm(status, nowMs);
  if (!words || path === paths.together) return null;
  return <NoteLine words={words} href={paths.together} onGo={(href) => router.navigate(href)} />;
}
