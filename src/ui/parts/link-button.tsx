'use client';
/** A button that is a link; its page is fetched whole beforehand, so that it opens at once. */
import Link, { type LinkProps } from 'next/link';
import Button, { type ButtonProps } from '@mui/material/Button';

const WholeLink = (props: LinkProps) => <Link {...props} prefetch={true} />;

export function LinkButton({ href, ...rest }: ButtonProps & { href: string }) {
  return <Button component={WholeLink} href={href} {...rest} />;
}
