/** The order of the Round. */
export const tankOrderSays = {
  done: 'Done',
  asYouWalkDragByThe:
    'As you walk. Drag by the number, or use the arrows; each move is kept at once.',
  nameOutOfUse: (name: string) => `${name} (out of use)`,
} as const;
