/** The cautions for whoever handles a concentrate. See the safety reference of the product. */
export const DOSE_CAUTION = {
  first: 'Goggles and gloves. Acid or base into plenty of water, never water into it.',
  rest: 'One product at a time, nothing else in the same jug: no bleach, no stock, no other acid or base. Pour slowly with the pump running, away from its intake and from roots. Ventilate; no contact lenses. In the eyes: rinse until help arrives. On skin: rinse 15 minutes or more and get medical help. The label and its safety data sheet come first; local rules decide who may keep and use it.',
  trained:
    'Nitric and sulfuric acid above hobby strength and potassium hydroxide are for trained people; many places restrict them. Nitric acid never near ethanol or acetone. Phosphoric or sulfuric acid never into calcium stock. Potassium hydroxide never in aluminium.',
} as const;
