/** Names of a record that is complete by its type, as that type: `Object.keys` forgets it. */
export const typedAs = <Name extends string>(names: readonly string[]): readonly Name[] =>
  names as readonly Name[];
