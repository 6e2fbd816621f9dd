/** What a sentence is told to say, by name: texts that already carry their unit, unless said otherwise. */
export type Told<Name extends string, Value = string> = Readonly<Record<Name, Value>>;
