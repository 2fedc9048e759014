'use client';
/** Photographs that belong to a step: the one in hand, what was done last, what went wrong. */
import { useDesk } from '../desk/job-desk';
import { stepsToShow } from '../views/step-photos';
import { PhotosPanel } from './photos-panel';

export function StepPhotos() {
  const { job, plan, products } = useDesk();
  return <PhotosPanel moment="during" steps={stepsToShow({ job, plan, products })} />;
}
