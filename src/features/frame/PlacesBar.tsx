import { usePathname, useRouter } from 'expo-router';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '@/ui/button';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { PLACES, placeOf } from '@/shell/navigation/places';
import { frameSays } from '@/words/frame/frame';

/** The five places: a bar under the thumb on a phone, a rail on the left of a wide screen. */
export function PlacesBar({ wide }: { readonly wide: boolean }) {
  const here = placeOf(usePathname());
  return (
    <View role="navigation" aria-label={frameSays.places} style={wide ? styles.rail : styles.bar}>
      {PLACES.map(({ href }, at) => (
        <Place key={href} at={at} current={href === here} wide={wide} />
      ))}
    </View>
  );
}

interface PlaceProps {
  /** Which of the places. */
  readonly at: number;
  readonly current: boolean;
  readonly wide: boolean;
}

/** One place; drawn anew only where one comes to it or leaves it. */
const Place = memo(function Place({ at, current, wide }: PlaceProps) {
  const { href, label, Icon } = PLACES[at]!;
  const router = useRouter();
  const paint = current ? color.action : color.inkSoft;
  return (
    <Press
      title={wide ? frameSays.withKey(label, at + 1) : undefined}
      href={href}
      current={current}
      onPress={() => router.navigate(href)}
      style={[styles.place, wide ? styles.inRail : styles.inBar, current && styles.current]}
    >
      <Icon size={24} color={paint} strokeWidth={current ? 2.25 : 1.75} aria-hidden />
      <Say size="tiny" bold={current} tone={current ? 'action' : 'soft'}>
        {label}
      </Say>
      {wide ? (
        <View aria-hidden>
          <Say size="tiny" face="mono" tone="soft">
            {at + 1}
          </Say>
        </View>
      ) : null}
    </Press>
  );
});

const styles = StyleSheet.create({
  bar: {
    flexDirection: 'row',
    borderTopWidth: 1,
    borderTopColor: color.edge,
    backgroundColor: color.panel,
  },
  rail: {
    width: 88,
    paddingTop: space.s4,
    gap: space.s2,
    borderRightWidth: 1,
    borderRightColor: color.edge,
    backgroundColor: color.panel,
  },
  place: { alignItems: 'center', justifyContent: 'center', gap: 2 },
  inBar: { flex: 1, minHeight: 60, borderTopWidth: 3, borderTopColor: 'transparent' },
  inRail: { minHeight: 64, borderLeftWidth: 3, borderLeftColor: 'transparent' },
  current: { borderTopColor: color.action, borderLeftColor: color.action },
});
