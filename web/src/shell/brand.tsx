import { Link } from 'react-router';

export function Brand({ under }: { under: string }) {
  return (
    <Link to="/" title="All orders" className="block min-w-0 rounded-md text-ink no-underline">
      <span className="block font-display text-[1.35rem] leading-tight font-bold max-md:text-[1.1rem]">
        Sectorum
      </span>
      <span className="block truncate text-[0.92rem] text-soft">{under}</span>
    </Link>
  );
}
