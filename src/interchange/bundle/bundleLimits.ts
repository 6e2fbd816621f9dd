/** A piece of a file is at most so large, UTF-16 units; its line a little more. */
export const PIECE_MAX_LENGTH = 60_000;

/**
 * A file that was written anew by another program (its lines are not ours any more) is read whole,
 * up to so many bytes; ours is read piece by piece, whatever its size.
 */
export const REFORMATTED_MAX_BYTES = 64_000_000;

/** A record with more sides than this that nobody joined is no record of a house, but damage. */
export const MAX_HEADS = 1000;
