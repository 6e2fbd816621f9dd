import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { firstFrameStands } from '@/ui/firstFrame';
import { Skeleton } from '@/ui/layout';
import { openingSays } from '@/words/frame/opening';
import { OpeningFailed } from './OpeningFailed';

/** An opening that takes longer than this may never end: then there is a way out, ms. */
const TOO_LONG_MS = 25_000;

/** While the book is being opened; a page with ways out when it takes far too long. */
export function Opening({ goOnInMemory }: { readonly goOnInMemory: () => void }) {
  const [tooLong, setTooLong] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setTooLong(true), TOO_LONG_MS);
    return () => clearTimeout(timer);
  }, []);
  if (tooLong)
    return <OpeningFailed message={openingSays.notAnswered} goOnInMemory={goOnInMemory} />;
  // Rows over those of the frame would lie across its head.
  return firstFrameStands() ? (
    <View role="status" aria-label={openingSays.openingTheBook} />
  ) : (
    <Skeleton label={openingSays.openingTheBook} />
  );
}
