declare const brand: unique symbol;

/** A text that names one kind of thing. A plain text may stand for any of them; one of them never stands for another. */
export type Branded<Name extends string> = string & { readonly [brand]?: Name };

/** Names a record of one kind for good: a pen's is refused where a tank's is asked. */
export type IdOf<Kind extends string> = Branded<`record of ${Kind}`>;
