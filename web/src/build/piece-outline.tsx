import type { PieceWorkup } from '../api/client';

export function Outline({ worked }: { worked: PieceWorkup | undefined }) {
  if (!worked) {
    return <span className="size-12" />;
  }
  const xs = worked.outline.filter((_, i) => i % 2 === 0);
  const zs = worked.outline.filter((_, i) => i % 2 === 1);
  const k = 42 / Math.max(Math.max(...xs) - Math.min(...xs), Math.max(...zs));
  const path = xs.map((x, i) => `${i === 0 ? 'M' : 'L'}${24 + x * k} ${46 - zs[i]! * k}`).join('');
  return (
    <svg width={48} height={48} aria-hidden="true" className="shrink-0">
      <path d={`${path}Z`} fill="var(--color-sheet)" stroke="var(--color-ink)" strokeWidth={1.4} />
    </svg>
  );
}
