export * from './wire';
export { piecesOf, readPiece, type Piece, type ReadPiece } from './piece';
