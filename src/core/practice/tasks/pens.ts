import type { PressTraits, SimEcSide, SimPhSide, SimProfile } from '../../simulated-pen';

/** Pens of the tasks: the usual kinds, described by what they do. */
const button: PressTraits = {
  by: 'button',
  when: 'afterDip',
  holdSeconds: 3,
  confirmPress: false,
  autoOffMinutes: 20,
};

const side: SimPhSide = {
  resolutionPh: 0.01,
  accuracyPh: 0.1,
  hasAtc: true,
  family: 'technical',
  cupsPh: [7, 4.01],
  adjustable: true,
  storesNominal: false,
  press: button,
};

/** Takes whatever it sees when its button is pressed. */
export const PLAIN: SimProfile = { ph: side, ec: null };

/** Refuses a point that still moves, and a buffer it does not know. */
export const CAREFUL: SimProfile = {
  ph: {
    ...side,
    press: {
      ...button,
      errors: [
        { text: 'Er1', means: 'pressed too early, the reading still moved' },
        { text: 'Er2', means: 'wrong buffer' },
      ],
    },
  },
  ec: null,
};

/** Its value is stepped up or down to the buffer. */
export const STEPS: SimProfile = {
  ph: { ...side, press: { ...button, by: 'steps', holdSeconds: 2 } },
  ec: null,
};

/** Knows the buffers of sachets: 6.86, 4.00 and 9.18. */
export const SACHETS: SimProfile = {
  ph: { ...side, family: 'sachet', cupsPh: [6.86, 4, 9.18], press: { ...button, holdSeconds: 2 } },
  ec: null,
};

/** Turned by a screw, in one buffer. */
export const SCREW: SimProfile = {
  ph: {
    ...side,
    resolutionPh: 0.01,
    accuracyPh: 0.2,
    cupsPh: [7],
    press: { ...button, by: 'screw', holdSeconds: 0, autoOffMinutes: null },
  },
  ec: null,
};

/** Turned by two dials, offset and slope. */
export const DIALS: SimProfile = {
  ph: { ...side, press: { ...button, by: 'dials', holdSeconds: 0, autoOffMinutes: null } },
  ec: null,
};

const ecSide: SimEcSide = {
  scale: 'mS/cm',
  resolution: 0.01,
  accuracyMsPerCm: 0.1,
  compensation: { alphaPerC: 0.02, referenceC: 25 },
  standardMsPerCm: 2.77,
  adjustable: true,
  press: button,
};

/** Measures EC only. */
export const EC_PEN: SimProfile = { ph: null, ec: ecSide };
