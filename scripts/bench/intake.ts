import Papa from 'papaparse';
import { cellsOf, guessShape, readingReader } from '../../src/interchange/intake';
import { median } from './measure';

const ROWS = 100_000;
const TEN_MINUTES_MS = 600_000;

/** A logger's two years: day first, decimal commas. */
function loggerFile(): string {
  const two = (value: number) => String(value).padStart(2, '0');
  const lines = Array.from({ length: ROWS }, (_, at) => {
    const moment = new Date(Date.UTC(2024, 0, 1) + at * TEN_MINUTES_MS);
    const day = `${two(moment.getUTCDate())}.${two(moment.getUTCMonth() + 1)}.${moment.getUTCFullYear()}`;
    const clock = `${two(moment.getUTCHours())}:${two(moment.getUTCMinutes())}:00`;
    return `${day};${clock};5,${80 + (at % 20)};${1400 + (at % 99)};2${at % 5},${at % 10};Basil`;
  });
  return ['Day;Time;pH;EC µS/cm;Temp °C;Tank', ...lines].join('\r\n');
}

/** A table of 100,000 rows, cells and checks of every row, against the bare parser on the same file. */
export function benchIntake(): void {
  const text = loggerFile();
  const bare = () => Papa.parse<string[]>(text, { delimiter: ';' }).data.length;
  const checked = () => {
    const { shape } = guessShape(text);
    const rows = cellsOf(text, shape.delimiter);
    const read = readingReader({
      shape,
      columns: ['when', 'clock', 'ph', 'ec', 'temp', 'place'],
      units: { ecScale: 'µS/cm', tempUnit: '°C' },
      zone: 'Europe/Lisbon',
      nowMs: Date.UTC(2027, 0, 1),
    });
    let good = 0;
    for (let at = 1; at < rows.length; at += 1) if ('atMs' in read(rows[at]!, at + 1)) good += 1;
    return good;
  };
  const time = (work: () => number) => {
    const started = performance.now();
    const count = work();
    return { ms: performance.now() - started, count };
  };
  time(bare);
  time(checked);
  const runs = Array.from({ length: 7 }, () => ({ bare: time(bare), checked: time(checked) }));
  const bareMs = median(runs.map((run) => run.bare.ms));
  const checkedMs = median(runs.map((run) => run.checked.ms));
  const { count } = runs[0]!.checked;
  console.log(
    `Table of ${count} rows: parsed and checked ${checkedMs.toFixed(0)} ms, the bare parser ${bareMs.toFixed(0)} ms: ${(checkedMs / bareMs).toFixed(2)} times (at most 3)`,
  );
}
