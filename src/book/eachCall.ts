/** A call of an interface, whatever it takes. */
export type Call = (...given: readonly never[]) => unknown;

/** An interface of which each call is another one made of it. */
export function eachCall<Api extends object>(
  api: Api,
  made: (call: Call, name: string) => Call,
): Api {
  const calls = Object.entries(api as Record<string, Call>);
  return Object.fromEntries(calls.map(([name, call]) => [name, made(call, name)])) as Api;
}
