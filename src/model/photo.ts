/** When a photograph of a part was taken: before the work, at a step of it, after it. */
export const MOMENTS = ['before', 'during', 'after'] as const;
export type Moment = (typeof MOMENTS)[number];
