import { Archive, ArchiveRestore, Copy, Download, Pencil, Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Outlook, PlanLine } from '../api/client';
import { Button } from '../ui/button';
import { usePreferences } from '../units/preferences';
import { dayHour, span } from '../units/time';
import { say } from '../units/units';
import { isLate } from './filter';

const NEXT: Record<PlanLine['stage'], string> = {
  measure: 'Measure',
  divide: 'Divide',
  dress: 'Dress',
  print: 'Print',
};

interface Props {
  line: PlanLine;
  /** What its days say; absent while it has none. */
  outlook: Outlook | undefined;
  onArchive: () => void;
  onName: () => void;
  onCopy: () => void;
  onDelete: () => void;
  /** Whether whoever looks may change nothing of it. */
  fixed: boolean;
}

/** One order: its day, its stack, whose it is, and what is to be done next. */
export function OrderRow({ line, outlook, onArchive, onName, onCopy, onDelete, fixed }: Props) {
  const { unit } = usePreferences();
  const at = line.readyBy ? new Date(line.readyBy) : null;
  const now = new Date();
  const part = (options: Intl.DateTimeFormatOptions) => at?.toLocaleDateString('en-GB', options) ?? '';
  const whose = [line.readyBy ? `at ${line.readyBy.slice(11, 16)}` : '', line.client, line.place].filter(
    Boolean,
  );
  return (
    <li className="grid grid-cols-[5rem_60px_minmax(0,1fr)_13.5rem_auto] items-center gap-4 border-b border-ink/25 py-2 max-md:grid-cols-[4.5rem_minmax(0,1fr)]">
      <div className="text-center leading-tight">
        {at ? (
          <>
            <div className="note">{part({ weekday: 'short' })}</div>
            <div className="font-display text-[1.7rem] leading-none font-bold">
              {part({ day: 'numeric' })}
            </div>
            <div className="note">
              {part({ month: 'short', year: at.getFullYear() === now.getFullYear() ? undefined : 'numeric' })}
            </div>
          </>
        ) : (
          <div className="note">no day yet</div>
        )}
      </div>
      <Silhouette stack={line.stack} />
      <Link
        to={`/plan/${line.id}/${line.stage}`}
        className="block min-w-0 rounded-md py-2 text-ink no-underline hover:text-pin"
      >
        <span className="block truncate font-display text-[1.2rem] font-semibold">{line.name}</span>
        <span className="note block truncate">
          {whose.join(' · ') || 'say whose it is and when it is needed'}
        </span>
      </Link>
      {outlook?.trouble && !line.archived ? (
        <Link
          to={`/plan/${line.id}/dress`}
          className="block min-w-0 rounded-md border-l-4 border-look bg-look-ground px-2 py-1 text-[0.92rem] text-ink no-underline max-md:col-span-2"
        >
          <b className="text-look">Cannot be planned.</b> {say(outlook.trouble, unit)}
        </Link>
      ) : outlook && !line.archived ? (
        <Next id={line.id} outlook={outlook} />
      ) : (
        <div className="max-md:hidden">
          <div className="note">
            {isLate(line, now.getTime()) ? (
              <b className="text-stop">late, next</b>
            ) : line.archived ? (
              'archived at'
            ) : (
              'next'
            )}
          </div>
          <div className="font-display text-[1.05rem] font-semibold">{NEXT[line.stage]}</div>
        </div>
      )}
      <div className={fixed ? 'hidden' : 'flex max-md:col-span-2'}>
        <a
          href={`/api/plans/${line.id}/archive`}
          download
          aria-label={`Save ${line.name} with its pictures`}
          title="Save with pictures and versions"
          className="inline-flex min-h-11 items-center rounded-md px-2.5 text-ink hover:bg-ink/8"
        >
          <Download size={18} aria-hidden />
        </a>
        <Press label={`Name and day of ${line.name}`} title="Name and day" run={onName}>
          <Pencil size={18} aria-hidden />
        </Press>
        <Press label={`Copy ${line.name}`} title="Copy as a new order" run={onCopy}>
          <Copy size={18} aria-hidden />
        </Press>
        <Press
          label={line.archived ? `Bring ${line.name} back` : `Archive ${line.name}`}
          title={line.archived ? 'Bring back' : 'Archive'}
          run={onArchive}
        >
          {line.archived ? <ArchiveRestore size={18} aria-hidden /> : <Archive size={18} aria-hidden />}
        </Press>
        <Press label={`Delete ${line.name}`} title="Delete" run={onDelete}>
          <Trash2 size={18} aria-hidden />
        </Press>
      </div>
    </li>
  );
}

/** What to begin next and by when, whether that is late, and what lies drying. */
function Next({ id, outlook }: { id: number; outlook: Outlook }) {
  const done = outlook.by === undefined;
  return (
    <Link
      to={`/plan/${id}/days`}
      className="block min-w-0 rounded-md py-1 text-ink no-underline hover:text-pin max-md:col-start-2"
    >
      <span className="note block truncate">
        {outlook.late > 0 ? (
          <b className="text-stop">late by {span(outlook.late)}</b>
        ) : done ? (
          'all is done'
        ) : (
          `next, by ${dayHour(outlook.by!)}`
        )}
      </span>
      {done ? null : (
        <span className="block truncate font-display text-[1.05rem] font-semibold" title={outlook.next}>
          {outlook.next}
        </span>
      )}
      {outlook.drying.map((d) => (
        <span key={d.name} className="note block truncate">
          {d.storage === 'fridge' || d.storage === 'freezer' ? 'cold' : 'drying'}: {d.name} until{' '}
          {dayHour(d.until)}
        </span>
      ))}
    </Link>
  );
}

function Press({
  label,
  title,
  run,
  children,
}: {
  label: string;
  title: string;
  run: () => void;
  children: ReactNode;
}) {
  return (
    <Button look="quiet" className="px-2.5" onClick={run} aria-label={label} title={title}>
      {children}
    </Button>
  );
}

/** The stack, small and to scale. */
function Silhouette({ stack }: { stack: PlanLine['stack'] }) {
  const tall = stack.reduce((sum, b) => sum + b.height, 0);
  const k = Math.min(56 / Math.max(...stack.map((b) => b.width), 1), 56 / Math.max(tall, 1));
  let foot = 58;
  return (
    <svg width={60} height={60} aria-hidden="true" className="max-md:hidden">
      {stack.map((b, i) => {
        const h = b.height * k;
        foot -= h;
        return (
          <rect
            key={i}
            x={30 - (b.width * k) / 2}
            y={foot}
            width={b.width * k}
            height={h}
            fill="var(--color-sheet)"
            stroke="var(--color-ink)"
            strokeWidth={1.2}
          />
        );
      })}
    </svg>
  );
}
