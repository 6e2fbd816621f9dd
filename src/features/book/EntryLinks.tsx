import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { EntryLink } from '@/book/answers';
import { inBook, paths, type Path } from '@/shell/navigation/paths';
import { Press } from '@/ui/button';
import { Say } from '@/ui/text';
import { color, TOUCH } from '@/ui/tokens';
import { dayMonthYear, QUANTITY_NAME } from '@/words';
import { linkSays } from '@/words/book/links';

/** What a link is called, and where it leads. */
function linkOf(link: EntryLink): { readonly label: string; readonly href: Path } {
  const { role, id, name, quantity = 'ph', atMs } = link;
  const day = atMs === undefined ? '' : dayMonthYear(atMs);
  switch (role) {
    case 'tank':
      return { label: linkSays.tank(name), href: paths.tank(id) };
    case 'pen':
      return { label: linkSays.pen(name), href: paths.pen(id) };
    case 'lot':
      return { label: linkSays.lot(name), href: paths.lot(id) };
    case 'checkBefore':
      return {
        label: linkSays.checkBefore(name, QUANTITY_NAME[quantity], day),
        href: paths.entry(id),
      };
    case 'checkAfter':
      return {
        label: linkSays.checkAfter(name, QUANTITY_NAME[quantity], day),
        href: paths.entry(id),
      };
    case 'madeOn':
      return { label: linkSays.madeOn, href: paths.entry(id) };
    case 'lookBack':
      return {
        label: linkSays.lookBack,
        href: paths.lookBack(id, { quantity, ...(atMs === undefined ? {} : { at: atMs }) }),
      };
    case 'uses':
      return { label: linkSays.uses(name), href: inBook({ lot: id }) };
  }
}

/** What an entry is about, what it rests on, what rests on it: each one press away. */
export function EntryLinks({ links }: { readonly links: readonly EntryLink[] }) {
  const router = useRouter();
  if (links.length === 0) return null;
  return (
    <View>
      <Say size="body" face="slab" heading={2}>
        {linkSays.heading}
      </Say>
      {links.map((link) => {
        const { label, href } = linkOf(link);
        return (
          <Press
            key={`${link.role} ${link.id}`}
            href={href}
            onPress={() => router.navigate(href)}
            style={styles.link}
          >
            <Say bold tone="action">
              {label}
            </Say>
          </Press>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  link: {
    minHeight: TOUCH,
    justifyContent: 'center',
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
  },
});
