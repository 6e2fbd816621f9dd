/** The probes of a pen. */
export const probesSays = {
  loadingTheProbes: 'Loading the probes',
  fittedStartItsLife: 'Fitted: start its life',
  title: (code: string) => `Probes of ${code}`,
  aNewProbe: 'A new probe',
  newProbeHint:
    'Soak a pH probe before its first use. From here on its drift, gain and response count for the new one, and a check is due at once.',
  whichSide: 'Which side?',
  fittedOn: 'Fitted on',
  emptyToday: 'Empty: today.',
  itsNumber: 'Its number',
  junction: 'Junction',
  junctionHint: 'ceramic, fibre, cloth, open',
  connector: 'Connector',
  boughtOn: 'Bought on',
  guaranteeUntil: 'Guarantee until',
  certificate: 'Certificate',
  dayThatHasBeen: 'A day that has been.',
  endedBeforeBought: 'It ended before the probe was bought.',
} as const;
