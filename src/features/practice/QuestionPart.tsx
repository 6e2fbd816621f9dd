import type { Practice } from '@/core/practice';
import type { Act, World } from '@/core/simulated-pen';
import { useFormats } from '@/shell/formats';
import { Choice } from '@/ui/form';
import { TASK_WORDS } from '@/words/practice/taskWords';
import { practiceSays } from '@/words/practice/benchWords';

interface Props {
  readonly practice: Practice;
  readonly world: World;
  readonly onAct: (...acts: readonly Act[]) => void;
}

/** What a task asks; an answer can be changed until the run is finished. */
export function QuestionPart({ practice, world, onAct }: Props) {
  const formats = useFormats();
  const [question] = practice.questions;
  if (!question || practice.id === 'free') return null;
  const words = TASK_WORDS[practice.id];
  const inWords = (choice: string) =>
    words.choices?.[choice] ?? practiceSays.wasIt(formats.number(Number(choice), 1));
  return (
    <Choice
      label={words.asks ?? ''}
      value={world.answers[question.id] ?? ''}
      onChoose={(choice) => onAct({ do: 'answer', question: question.id, choice })}
      options={question.choices.map((choice) => ({ value: choice, label: inWords(choice) }))}
    />
  );
}
