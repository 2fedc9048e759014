/** When a photograph of a part was taken: before the work, at a step of it, after it. */
export const MOMENTS = ['before', 'during', 'after'] as const;
export type Moment = (typeof MOMENTS)[number];

/** As a page shows it. */
export interface Photographed {
  readonly id: string;
  readonly partId: string;
  readonly moment: Moment;
  readonly createdMs: number;
  readonly note: string;
  /** The step it was taken at, in words; empty before and after. */
  readonly step: string;
}
