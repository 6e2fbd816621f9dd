import { useState, type ReactNode } from 'react';
import { View } from 'react-native';

/** Tells its children how wide it is; draws nothing until it knows. */
export function Measured({ children }: { readonly children: (width: number) => ReactNode }) {
  const [width, setWidth] = useState(0);
  return (
    <View
      style={{ width: '100%' }}
      onLayout={({ nativeEvent }) => setWidth(Math.floor(nativeEvent.layout.width))}
    >
      {width > 0 ? children(width) : null}
    </View>
  );
}
