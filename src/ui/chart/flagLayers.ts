/** A mark under the axis: a dose, water, a new stage, an incident, a due date. */
export interface StripFlag {
  readonly atMs: number;
  readonly kind: 'dose' | 'water' | 'stage' | 'incident' | 'due';
}

/** The shape of a flag, drawn from its foot; a due date is written out. */
const FLAG_PATH: Readonly<Record<Exclude<StripFlag['kind'], 'due'>, string>> = {
  dose: 'v10m0 -10h8l-2 2.5l2 2.5h-8',
  water: 'c-4 5 -4 9 0 9c4 0 4 -4 0 -9z',
  stage: 'l4 4.5l-4 4.5l-4 -4.5z',
  incident: 'm-5 9l5 -9l5 9z',
};

/** All flags of a strip as a few paths: a thousand doses are no more nodes than one. */
export interface FlagLayers {
  readonly filled: string;
  /** Where a due date is written, px. */
  readonly dueAt: readonly number[];
  /** Dashed lines through the strip. */
  readonly dueLines: string;
  readonly incidentLines: string;
}

/** Where flags stand at `footY`, the strip's lower edge, px. */
export function flagLayers(
  flags: readonly StripFlag[],
  x: (ms: number) => number,
  footY: number,
): FlagLayers {
  const filled = flags.flatMap(({ atMs, kind }) =>
    kind === 'due' ? [] : `M${x(atMs).toFixed(1)} ${footY}${FLAG_PATH[kind]}`,
  );
  const lines = (kind: StripFlag['kind']) =>
    flags
      .filter((flag) => flag.kind === kind)
      .map(({ atMs }) => `M${x(atMs).toFixed(1)} 8V${footY}`)
      .join('');
  return {
    filled: filled.join(''),
    dueAt: flags.filter(({ kind }) => kind === 'due').map(({ atMs }) => x(atMs)),
    dueLines: lines('due'),
    incidentLines: lines('incident'),
  };
}
