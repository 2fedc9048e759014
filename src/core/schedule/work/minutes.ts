/** Hands-on minutes as a plan says them: in fives, five at least. */
export const inFives = (min: number): number => Math.max(5, Math.ceil(min / 5) * 5);
