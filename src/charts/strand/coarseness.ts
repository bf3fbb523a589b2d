/** How coarse fibres are drawn against those of medium hair, by texture. */
export const COARSENESS = { fine: 0.75, medium: 1, coarse: 1.4 } as const;
