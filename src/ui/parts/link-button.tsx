'use client';
/** A button that is a link. */
import Link from 'next/link';
import Button, { type ButtonProps } from '@mui/material/Button';

export function LinkButton({ href, ...rest }: ButtonProps & { href: string }) {
  return <Button component={Link} href={href} {...rest} />;
}
