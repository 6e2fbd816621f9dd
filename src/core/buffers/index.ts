export * from './bufferPhAt';
export * from './bufferSlopePhPerC';
export { BUFFER_TOLERANCE_PH, type BufferKind } from './constants';
export * from './families';
export * from './recogniseBuffer';
export * from './tableAt';
