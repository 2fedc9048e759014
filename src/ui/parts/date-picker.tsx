'use client';
/** The calendar behind a date box: fetched when the first date is on the screen. */
import { DatePicker as MuiDatePicker } from '@mui/x-date-pickers/DatePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { AdapterLuxon } from '@mui/x-date-pickers/AdapterLuxon';
import type { PickerValidDate } from '@mui/x-date-pickers/models';

export interface DatePickerProps {
  readonly label: string;
  /** yyyy-mm-dd, or '' for none */
  readonly day: string;
  /** '' when emptied; `isHalf` while it is no date yet */
  readonly onDay: (day: string, isHalf: boolean) => void;
  readonly words: string | null;
  readonly max: string | undefined;
}

const days = new AdapterLuxon({ locale: 'en-GB' });
const readDay = (day: string | undefined): PickerValidDate | null => (day ? days.date(day) : null);

export default function DatePicker({ label, day, onDay, words, max }: DatePickerProps) {
  const lastDay = readDay(max);
  const read = (value: PickerValidDate | null): void =>
    onDay(value?.toISODate() ?? '', value !== null && !value.isValid);
  return (
    <LocalizationProvider dateAdapter={AdapterLuxon} adapterLocale="en-GB">
      <MuiDatePicker
        label={label}
        value={readDay(day)}
        onChange={read}
        {...(lastDay && { maxDate: lastDay })}
        slotProps={{
          textField: {
            size: 'small',
            className: 'datebox',
            error: words !== null,
            helperText: words ?? undefined,
          },
          field: { clearable: true },
        }}
      />
    </LocalizationProvider>
  );
}
