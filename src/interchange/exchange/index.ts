export * from './wire';
export { piecesOf, readPiece, type Piece } from './piece';
