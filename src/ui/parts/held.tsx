'use client';
/** Under a field of figures: why what is typed is not kept, what may be meant, and what counts until then. */
import Button from '@mui/material/Button';
import FormHelperText from '@mui/material/FormHelperText';
import type { TypedField } from './use-typed';

interface HeldProps {
  readonly typed: TypedField;
  /** what the server found wrong with the value that is kept */
  readonly fault: string | null;
  /** the value that counts, as it is read */
  readonly stays: string | null;
}

export function Held({ typed, fault, stays }: HeldProps) {
  const { held } = typed;
  if (!held) return fault === null ? null : <FormHelperText sx={{ mx: 0 }}>{fault}</FormHelperText>;
  const offers = held.kind === 'ask' ? held.offers : [];
  return (
    <>
      <FormHelperText sx={{ mx: 0 }} role="alert">
        {held.words}
        {stays !== null && ` ${stays} stays until then.`}
      </FormHelperText>
      {offers.map((offer) => (
        <Button
          key={offer.label}
          size="small"
          variant="outlined"
          sx={{ mt: 0.75, display: 'block', width: '100%', textAlign: 'left' }}
          onClick={() => typed.take(offer.value)}
        >
          {offer.label}
        </Button>
      ))}
    </>
  );
}
