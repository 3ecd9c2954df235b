import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Copy, FileUp, Pencil, Plus, Trash2 } from 'lucide-react';
import { useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, type PlanLine, problemOf } from '../api/client';
import { Brand } from '../shell/brand';
import { HelpButton } from '../shell/help';
import { UnitMenu } from '../shell/unit-menu';
import { Button } from '../ui/button';
import { tell, tellBad } from '../ui/toasts';
import { NameAndDay } from './name-and-day';

/** A plan file is some kilobytes; far past this it is something else, and not worth sending. */
const MOST_BYTES = 4 * 1024 * 1024;

/** The cakes in work by the day they are needed. */
export function Orders() {
  const client = useQueryClient();
  const navigate = useNavigate();
  const plans = useQuery({ queryKey: ['plans'], queryFn: api.plans });
  const names = useQuery({ queryKey: ['names'], queryFn: api.names, staleTime: Number.POSITIVE_INFINITY });
  const [naming, setNaming] = useState<PlanLine | 'new' | null>(null);
  const [badFile, setBadFile] = useState<string | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const again = () => client.invalidateQueries({ queryKey: ['plans'] });
  const tried = async (task: () => Promise<unknown>) => {
    try {
      await task();
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
    await again();
  };

  const open = async (chosen: File) => {
    setBadFile(null);
    if (chosen.size > MOST_BYTES) {
      setBadFile(
        `${chosen.name} has ${Math.round(chosen.size / 1024 / 1024)} MB; a plan file has at most 4. Choose another file.`,
      );
      return;
    }
    try {
      const opened = await api.open(await chosen.text());
      await again();
      navigate(`/plan/${opened.id}/measure`);
    } catch (thrown) {
      const { field, detail } = problemOf(thrown);
      setBadFile(`${chosen.name} was not opened. ${field ? `${field}: ` : ''}${detail}`);
    }
  };

  const lines = plans.data ?? [];
  return (
    <div className="min-h-dvh">
      <header className="flex min-h-[72px] items-center justify-between border-b-[1.5px] border-ink bg-sheet px-5">
        <Brand under={names.data?.workshop ?? ''} />
        <div className="flex items-center">
          <UnitMenu />
          <HelpButton />
        </div>
      </header>
      <main className="mx-auto max-w-4xl px-6 py-8">
        <div className="mb-5 flex flex-wrap items-end justify-between gap-3">
          <div>
            <h1 className="font-display text-[1.9rem] leading-tight font-bold">Orders</h1>
            <p className="note">by the day they are needed</p>
          </div>
          <div className="flex flex-wrap gap-2.5">
            <Button onClick={() => file.current?.click()}>
              <FileUp size={18} aria-hidden /> Open a plan file
            </Button>
            <input
              ref={file}
              type="file"
              aria-label="Plan file"
              accept=".json,application/json"
              className="sr-only"
              tabIndex={-1}
              onChange={(e) => {
                const chosen = e.currentTarget.files?.[0];
                e.currentTarget.value = '';
                if (chosen) {
                  void open(chosen);
                }
              }}
            />
            <Button look="main" onClick={() => setNaming('new')}>
              <Plus size={18} aria-hidden /> New plan
            </Button>
          </div>
        </div>
        {badFile ? (
          <p role="alert" className="mb-4 border-l-4 border-stop bg-stop-ground px-4 py-3">
            {badFile}
          </p>
        ) : null}
        {plans.error ? (
          <div role="alert" className="mb-4 border-l-4 border-stop bg-stop-ground px-4 py-3">
            {problemOf(plans.error).detail}{' '}
            <Button look="pin" onClick={() => plans.refetch()}>
              Try again
            </Button>
          </div>
        ) : null}
        {plans.data && lines.length === 0 ? (
          <div className="border border-dashed border-ink/40 px-6 py-10 text-center">
            <p className="heading mb-1">No orders yet</p>
            <p className="note mb-5">Begin with one tier: its size, or the tape around it.</p>
            <Button look="main" onClick={() => setNaming('new')}>
              <Plus size={18} aria-hidden /> New plan
            </Button>
          </div>
        ) : null}
        <ul aria-label="Orders" className="border-t-[1.5px] border-ink">
          {lines.map((line) => (
            <OrderRow
              key={line.id}
              line={line}
              onName={() => setNaming(line)}
              onCopy={() =>
                tried(async () => {
                  await api.copy(line.id, `${line.name.slice(0, 113)}, copy`);
                })
              }
              onDelete={() =>
                tried(async () => {
                  await api.remove(line.id);
                  tell(`${line.name} is deleted.`, {
                    label: 'Undo',
                    run: () => void tried(() => api.restore(line.id)),
                  });
                })
              }
            />
          ))}
        </ul>
      </main>
      {naming ? (
        <NameAndDay
          line={naming === 'new' ? null : naming}
          onClose={() => setNaming(null)}
          onDone={async (saved) => {
            await again();
            setNaming(null);
            if (naming === 'new') {
              navigate(`/plan/${saved.id}/measure`);
            }
          }}
        />
      ) : null}
    </div>
  );
}

interface RowProps {
  line: PlanLine;
  onName: () => void;
  onCopy: () => void;
  onDelete: () => void;
}

function OrderRow({ line, onName, onCopy, onDelete }: RowProps) {
  const at = line.readyBy ? new Date(line.readyBy) : null;
  const part = (options: Intl.DateTimeFormatOptions) => at?.toLocaleDateString('en-GB', options) ?? '';
  return (
    <li className="grid grid-cols-[5.5rem_minmax(0,1fr)_auto] items-center gap-4 border-b border-ink/25 py-2.5">
      <div className="text-center leading-tight">
        {at ? (
          <>
            <div className="note">{part({ weekday: 'short' })}</div>
            <div className="font-display text-[1.7rem] leading-none font-bold">
              {part({ day: 'numeric' })}
            </div>
            <div className="note">
              {part({
                month: 'short',
                year: at.getFullYear() === new Date().getFullYear() ? undefined : 'numeric',
              })}
            </div>
          </>
        ) : (
          <div className="note">no day yet</div>
        )}
      </div>
      <Link
        to={`/plan/${line.id}/measure`}
        className="block min-w-0 rounded-md py-2 text-ink no-underline hover:text-pin"
      >
        <span className="block truncate font-display text-[1.2rem] font-semibold">{line.name}</span>
        <span className="note">
          {line.readyBy ? `needed at ${line.readyBy.slice(11, 16)}` : 'say when it is needed'}
        </span>
      </Link>
      <div className="flex">
        <Button
          look="quiet"
          onClick={onName}
          aria-label={`Name and day of ${line.name}`}
          title="Name and day"
        >
          <Pencil size={18} aria-hidden />
        </Button>
        <Button look="quiet" onClick={onCopy} aria-label={`Copy ${line.name}`} title="Copy">
          <Copy size={18} aria-hidden />
        </Button>
        <Button look="quiet" onClick={onDelete} aria-label={`Delete ${line.name}`} title="Delete">
          <Trash2 size={18} aria-hidden />
        </Button>
      </div>
    </li>
  );
}
