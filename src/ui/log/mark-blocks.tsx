'use client';
/** Nought to four blocks, each with its word: how a layer came out. */
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';

interface MarkBlocksProps {
  readonly label: string;
  readonly value: number | null;
  readonly words: readonly string[];
  readonly onChange: (mark: number) => void;
}

export function MarkBlocks({ label, value, words, onChange }: MarkBlocksProps) {
  return (
    <RadioGroup
      row
      className="blocks"
      aria-label={label}
      value={value ?? ''}
      onChange={(_e, mark) => onChange(Number(mark))}
    >
      {words.map((word, mark) => {
        const block = <Block mark={mark} isFilled={value !== null && mark <= value} isOn={mark === value} />;
        return (
          <Radio
            key={word}
            value={mark}
            icon={block}
            checkedIcon={block}
            title={word}
            slotProps={{ input: { 'aria-label': word } }}
          />
        );
      })}
    </RadioGroup>
  );
}

const Block = ({ mark, isFilled, isOn }: { mark: number; isFilled: boolean; isOn: boolean }) => (
  <span data-on={isFilled} data-value={isOn}>
    {mark}
  </span>
);
