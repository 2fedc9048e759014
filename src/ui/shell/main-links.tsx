'use client';
/** The main pages. */
import Link from 'next/link';
import { usePathname } from 'next/navigation';

const MAIN = [
  ['/', 'Bench'],
  ['/shelf', 'Shelf'],
  ['/shopping', 'Shopping'],
  ['/logbook', 'Logbook'],
  ['/places', 'Places'],
  ['/workshop', 'Workshop'],
] as const;

const nothing = (): void => undefined;

/** @param onGo once one of them is taken */
export function MainLinks({ onGo = nothing }: { onGo?: () => void }) {
  const path = usePathname();
  // A job belongs to the bench.
  const current = (href: string): 'page' | 'true' | undefined => {
    if (path === href) return 'page';
    return href === '/' && path.startsWith('/jobs') ? 'true' : undefined;
  };
  return (
    <nav aria-label="Main" className="mainlinks">
      {MAIN.map(([href, name]) => (
        <Link key={href} href={href} aria-current={current(href)} onClick={onGo}>
          {name}
        </Link>
      ))}
    </nav>
  );
}
