import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { commonSays } from '@/words/common';
import { printSays } from '@/words/print/print';
import { onScreenOnly, usePrinted, type Paper } from './printing';

interface Props {
  readonly title: string;
  readonly paper: Paper;
  /** There is something to print. */
  readonly ready: boolean;
  /** What only the screen shows, below the title. */
  readonly controls: ReactNode;
  /** What is printed. */
  readonly children: ReactNode;
}

/** A screen whose sheet the browser prints, with the way back beside the press that prints. */
export function PrintedScreen({ title, paper, ready, controls, children }: Props) {
  const back = useBack();
  usePrinted(paper);
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.back} onPress={back} />
          <Button
            kind="main"
            wet
            grow
            label={printSays.print}
            disabled={!ready}
            onPress={() => window.print()}
          />
        </>
      }
    >
      <View {...onScreenOnly} style={styles.controls}>
        <Say size="huge" face="slab" heading={1}>
          {title}
        </Say>
        {controls}
      </View>
      {children}
    </Screen>
  );
}

const styles = StyleSheet.create({ controls: { gap: space.s4 } });
