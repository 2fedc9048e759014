'use client';
/** Which quantity of the air is compared. */
import { COMPARED, COMPARED_NAMES, type Compared } from '../views/forecast-chart';
import { ButtonChoice } from './button-choice';

interface CompareChoiceProps {
  readonly value: Compared;
  readonly onChange: (what: Compared) => void;
}

export const CompareChoice = ({ value, onChange }: CompareChoiceProps) => (
  <ButtonChoice label="Compare" value={value} options={COMPARED} names={COMPARED_NAMES} onChange={onChange} />
);
