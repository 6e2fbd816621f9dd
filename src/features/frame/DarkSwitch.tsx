import Moon from 'lucide-react-native/icons/moon';
import Sun from 'lucide-react-native/icons/sun';
import { StyleSheet } from 'react-native';
import { useBook } from '@/book/react';
import { Press } from '@/ui/button';
import { color, TOUCH } from '@/ui/tokens';
import { commonSays } from '@/words/common';

/** Lights-out, on or off, at the head of every screen. */
export function DarkSwitch() {
  const { device, setDevice } = useBook();
  const dark = device.theme === 'lightsOut';
  const Icon = dark ? Sun : Moon;
  return (
    <Press
      role="switch"
      name={commonSays.lightsOut}
      checked={dark}
      onPress={() => setDevice({ theme: dark ? 'day' : 'lightsOut' })}
      style={styles.icon}
    >
      <Icon size={22} color={color.inkSoft} aria-hidden />
    </Press>
  );
}

const styles = StyleSheet.create({
  icon: { width: TOUCH, height: TOUCH, alignItems: 'center', justifyContent: 'center' },
});
