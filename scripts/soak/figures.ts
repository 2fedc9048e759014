/** Figures of many measurements. */
import { quantile } from 'simple-statistics';

export const percentile = (values: readonly number[], share: number): number => quantile([...values], share);
