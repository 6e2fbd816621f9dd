import type { PenAnswer, RoundAnswer, RoundStop, TankAnswer } from '@/book/answers';
import type { JudgedValue } from '@/core/readings';
import type { Verdict } from '@/core/verdict';
import {
  counted,
  additionLine,
  ago,
  clock,
  dueTime,
  minutesSeconds,
  PEN_WORD,
  VERDICT_WORD,
  type Formats,
} from '@/words';
import { inOneLine } from '@/features/parts/tankLine';
import { paths, type Path } from '@/shell/navigation/paths';

/** Joins names as people do: "A", "A and B", "A, B and C". */
function list(names: readonly string[]): string {
  if (names.length <= 1) return names[0] ?? '';
  return `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

/** How sure a tank out of its band is said to be. */
type Sureness = 'firm' | 'probable';

const OFF: Readonly<Record<Sureness, readonly Verdict[]>> = {
  firm: ['low', 'high'],
  probable: ['probablyLow', 'probablyHigh'],
};

/** Which quantity of a tank's newest reading lies out of band, and how. */
function offBand(
  { latest }: TankAnswer,
  sureness: Sureness,
): { quantity: string; word: string } | undefined {
  const sides: [string, JudgedValue | undefined][] = [
    ['pH', latest?.ph?.judged],
    ['EC', latest?.ec?.judged],
  ];
  for (const [quantity, judged] of sides) {
    if (judged && OFF[sureness].includes(judged.verdict))
      return { quantity, word: VERDICT_WORD[judged.verdict] };
  }
  return undefined;
}

/** What is out of band, in a clause; empty where nothing is. */
function tanksClause({ stops }: RoundAnswer, sureness: Sureness): string {
  const off = stops.flatMap((stop) => {
    const found = stop.kind === 'tank' ? offBand(stop.tank, sureness) : undefined;
    return found && stop.kind === 'tank' ? [{ name: stop.tank.body.name, ...found }] : [];
  });
  const first = off[0];
  if (!first) return '';
  if (off.length === 1) return `${first.name}: ${first.quantity} ${first.word}`;
  const names = list(off.slice(0, 2).map(({ name }) => name));
  const more = off.length > 2 ? ` and ${off.length - 2} more` : '';
  return `${names}${more} are ${sureness === 'firm' ? '' : 'probably '}out of band`;
}

/** Which pens cannot be relied on, in a clause and what to do; undefined where all can. */
function pensClause({ stops }: RoundAnswer): { text: string; act: string } | undefined {
  for (const [word, says] of [
    ['cantBeTrusted', () => 'can’t be trusted'],
    ['unverified', (one: boolean) => `${one ? 'was' : 'were'} never checked`],
  ] as const) {
    const codes = stops.flatMap((stop) =>
      stop.kind === 'pen' && stop.pen.word === word ? [stop.pen.body.code] : [],
    );
    const one = codes.length === 1;
    if (codes.length > 0)
      return {
        text: `${one ? 'pen' : 'pens'} ${list(codes)} ${says(one)}`,
        act: `Check ${one ? 'it' : 'them'} first.`,
      };
  }
  return undefined;
}

/** Which tanks were dosed and wait to be read again, as a sentence; empty where none does. */
function rereadsSentence({ stops }: RoundAnswer): string {
  const names = stops.flatMap((stop) => (stop.kind === 'reread' ? [stop.tank.body.name] : []));
  if (names.length === 0) return '';
  return `${list(names)} ${names.length === 1 ? 'was dosed and waits' : 'were dosed and wait'} to be read again.`;
}

/** The line that sums up the day: what is wrong first, what to do about it. */
export function roundHeadline(round: RoundAnswer): string {
  const pens = pensClause(round);
  // A pen that can't be relied on says more than a tank that is only probably off.
  const tanks = tanksClause(round, 'firm') || (pens ? '' : tanksClause(round, 'probable'));
  if (pens && tanks) return `${tanks}, and ${pens.text}. ${pens.act}`;
  if (pens) return `${pens.text[0]?.toUpperCase()}${pens.text.slice(1)}. ${pens.act}`;
  if (tanks) return `${tanks}.`;
  const rereads = rereadsSentence(round);
  if (rereads) return rereads;
  const left = round.stops.filter(
    (stop) => !stop.done && stop.kind !== 'lot' && stop.kind !== 'soak',
  ).length;
  return left > 0 ? 'Nothing looks wrong so far.' : 'All done for today.';
}

/** How far the walk has come. */
export function roundProgress({ stops }: RoundAnswer): string {
  const done = stops.filter((stop) => stop.done).length;
  return `${done} of ${counted(stops.length, 'stop')} done`;
}

/** Where a stop leads. */
export function stopHref(stop: RoundStop): Path {
  if (stop.kind === 'tank' || stop.kind === 'reread') return paths.read({ tank: stop.tank.id });
  if (stop.kind === 'soak') return paths.pen(stop.pen.id);
  if (stop.kind === 'lot') return paths.lot(stop.lot.id);
  return paths.bench(stop.pen.id);
}

/** The next thing to do, as the main button says it. */
export function nextStop(
  { stops }: RoundAnswer,
  nowMs: number,
): { stop: RoundStop; label: string } | undefined {
  const waits = (stop: RoundStop) =>
    stop.kind === 'soak' || (stop.kind === 'reread' && stop.dueMs > nowMs);
  const stop = stops.find((candidate) => !candidate.done && !waits(candidate));
  if (!stop) return undefined;
  if (stop.kind === 'reread') return { stop, label: `Next: re-read ${stop.tank.body.name}` };
  if (stop.kind === 'tank') return { stop, label: `Next: read ${stop.tank.body.name}` };
  if (stop.kind === 'lot') return { stop, label: 'Next: look at the Shelf' };
  if (stop.kind === 'soak') return { stop, label: `Look at ${stop.pen.body.code}` };
  return { stop, label: `Next: check ${stop.pen.body.code}` };
}

/** The line of a dose that waits for its re-read. */
export function rereadLine(
  tank: TankAnswer,
  dueMs: number,
  formats: Formats,
  nowMs: number,
): string {
  if (!tank.mixing)
    return nowMs >= dueMs
      ? 'Read once since it was dosed: read it once more.'
      : `Read once since it was dosed; once more at ${clock(dueMs)}.`;
  const { body } = tank.mixing;
  const what = `${additionLine(body, formats)} poured ${ago(Date.parse(body.at), nowMs)}`;
  return nowMs >= dueMs
    ? `${what}. Mixed: read it again.`
    : `${what}. Mixing for ${minutesSeconds((dueMs - nowMs) / 1000)} more.`;
}

/** The line of a soak. */
export function soakLine(endMs: number, nowMs: number): string {
  return nowMs >= endMs ? 'Soak is over: check it.' : `Soaking until ${dueTime(endMs, nowMs)}`;
}

/** The line under a pen's name at its stop. */
export function penLine(pen: PenAnswer, nowMs: number): string {
  if (pen.openBench.length > 0) return 'A check is open. Go on where you left it.';
  const last = Math.max(...pen.sides.map((side) => side.lastCheckMs ?? 0));
  const word = PEN_WORD[pen.word];
  return last > 0 ? `${word}; last check ${inOneLine(ago(last, nowMs))}` : `${word}`;
}

/** What a done stop is called. */
export function doneName(stop: RoundStop): string {
  if (stop.kind === 'tank' || stop.kind === 'reread') return stop.tank.body.name;
  return stop.kind === 'pen' ? `${stop.pen.body.code} checked` : 'Shelf';
}

/** What a done stop came to: the pen's error, or the tank's values. */
export function doneResult(stop: RoundStop, formats: Formats): string {
  if (stop.kind === 'pen') {
    const errors = stop.pen.sides.map(({ error }) => {
      if (!error) return undefined;
      const { atPh } = error;
      return atPh === undefined
        ? formats.percent(error.error)
        : `${formats.signed(error.error, 2)} pH`;
    });
    return errors.filter(Boolean).join(' · ');
  }
  if (stop.kind === 'lot' || stop.kind === 'soak') return '';
  const { latest } = stop.tank;
  const ph = latest?.ph && formats.ph(latest.ph.judged.value);
  const ec = latest?.ec?.judged && `${formats.ec(latest.ec.judged.value)} ${formats.ecUnit}`;
  return [ph, ec].filter(Boolean).join(' · ');
}
