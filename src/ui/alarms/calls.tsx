'use client';
/** What calls somebody, on every stage of a job; fetched when the page has nothing else to do. */
import { later } from '../parts/later';

export const Calls = later(null, () => import('./alarms').then((m) => m.Alarms));
