import { useState } from 'react';
import { useAnswer, type Question } from '@/book/react';
import { firstFrameStands } from '@/ui/firstFrame';

/**
 * Asks the book as `useAnswer` does. A screen that is made while the frame before the app stands is drawn
 * in one go: the frame takes the presses, and what comes in slices comes later.
 */
export function useFirstAnswer<T>(question: Question<T>) {
  const [atOnce] = useState(firstFrameStands);
  return useAnswer(question, atOnce);
}
