export * from './assess';
export * from './comparePens';
export * from './judgeTank';
export { laboratoryDip } from './laboratoryDip';
export type { EcReadingInput, PhReadingInput, ReadingInput } from './reader';
export { ownRepeatStdU } from './repeatVariance';
