import { firstOpening, PAGE_BEGAN_MS, questions } from '@/book/react';
import { inBase } from '@/ui/inBase';
import { timersUntilMs } from './timerLine';

/** Which book a first visit opens, as the server wrote it into the page. */
function startBook(): 'demo' | 'own' | 'take-along' {
  const said = document.querySelector('meta[name="zolder-start"]')?.getAttribute('content');
  return said === 'demo' || said === 'take-along' ? said : 'own';
}

/** What this page was opened for. */
export const start = startBook();

/** Whether it was opened at the Round. */
export const isRound = () => window.location.pathname === inBase('/');

/** What the first screens ask of the book. */
const firstQuestions = () => [
  questions.settings(),
  questions.health(PAGE_BEGAN_MS),
  questions.timers(timersUntilMs(PAGE_BEGAN_MS)),
  ...(isRound() ? [questions.round(PAGE_BEGAN_MS)] : []),
];

// Before anything is drawn, and before the router is read: the worker opens the book meanwhile.
if (start !== 'take-along') firstOpening(start, firstQuestions());
