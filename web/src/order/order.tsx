import { useQuery, useQueryClient } from '@tanstack/react-query';
import { ImagePlus, Trash2 } from 'lucide-react';
import { useRef, useState } from 'react';
import { useParams } from 'react-router';
import { api, type Plan, type Problem, problemOf } from '../api/client';
import { useOpen, usePlan } from '../plan/context';
import { Button } from '../ui/button';
import { Lead, Row } from '../ui/ledger';
import { Stage } from '../ui/stage';
import { tellBad } from '../ui/toasts';
import { WordsField } from '../ui/typed';
import { day } from '../units/days';
import { Differing } from './differing';
import { Palette } from './palette';
import { picturesQuery } from './pictures';

/** Who it is for and what to mind; the palette; the pictures to work from. */
export function Order() {
  const { editor } = useOpen();
  const plan = usePlan();
  const { id } = useParams();
  const edit = (change: (p: Plan) => Plan) => editor.edit(change);
  const brief = (field: keyof Plan['brief']) => (words: string) =>
    edit((p) => ({ ...p, brief: { ...p.brief, [field]: words } }));
  const days = plan.readyBy ? Math.ceil((new Date(plan.readyBy).getTime() - Date.now()) / 86_400_000) : null;

  const main = (
    <>
      <h1 className="heading">The order</h1>
      <p className="note mb-3">who it is for, its colours, and what to look at while working</p>
      <div className="grid max-w-3xl grid-cols-2 gap-x-6 gap-y-3 max-md:grid-cols-1">
        <WordsField
          label="What it is called"
          value={plan.name}
          onWords={(name) => edit((p) => ({ ...p, name }))}
        />
        <Needed
          value={plan.readyBy}
          onMoment={(moment) =>
            edit(({ readyBy: _, ...p }) => (moment === '' ? p : { ...p, readyBy: moment }))
          }
        />
        <WordsField label="Client" value={plan.brief.client} onWords={brief('client')} />
        <WordsField label="Place" value={plan.brief.place} onWords={brief('place')} />
        <WordsField label="Allergies" value={plan.brief.allergies} onWords={brief('allergies')} />
      </div>
      <Notes value={plan.brief.notes} onWords={brief('notes')} />
      <Palette />
      <PictureShelf id={Number(id)} />
    </>
  );
  const ledger = (
    <>
      <div>
        <p className="note">{plan.readyBy ? day(plan.readyBy) : 'No day yet'}</p>
        {days === null ? null : (
          <Lead
            number={String(Math.abs(days))}
            unit=""
            words={days < 0 ? 'days ago' : days === 1 ? 'day to go' : 'days to go'}
          />
        )}
        <Lead number={String(plan.tiers.length)} unit="" words={plan.tiers.length === 1 ? 'tier' : 'tiers'} />
      </div>
      <dl>
        <Row label="Colours">{plan.palette.length}</Row>
        <Row label="Dressings">{plan.tiers.reduce((sum, t) => sum + t.dressings.length, 0)}</Row>
      </dl>
      {plan.brief.allergies ? (
        <p className="border-l-4 border-look bg-look-ground px-3.5 py-2.5">
          <b className="text-look">Allergies</b> · {plan.brief.allergies}
        </p>
      ) : null}
      <a href={`/api/plans/${id}/file`} className="inline-flex min-h-11 items-center font-semibold text-pin">
        Save the plan as a file
      </a>
      <Differing />
    </>
  );
  return <Stage main={main} ledger={ledger} />;
}

function Needed({
  value,
  onMoment,
}: {
  value: string | undefined;
  onMoment: (moment: string) => Promise<Problem | null>;
}) {
  const [problem, setProblem] = useState<string | null>(null);
  return (
    <label className="block">
      <span className="mb-0.5 block text-[0.92rem] text-soft">Needed on, at</span>
      <input
        key={value ?? ''}
        type="datetime-local"
        defaultValue={value?.slice(0, 16) ?? ''}
        min="1970-01-01T00:00"
        max="2199-12-31T23:59"
        onBlur={async (e) => {
          if (e.currentTarget.value !== (value?.slice(0, 16) ?? '')) {
            setProblem((await onMoment(e.currentTarget.value))?.detail ?? null);
          }
        }}
        className="min-h-11 rounded-md border border-ink/45 bg-sheet px-2.5"
      />
      {problem ? (
        <span role="alert" className="mt-1 block text-stop">
          {problem}
        </span>
      ) : null}
    </label>
  );
}

function Notes({ value, onWords }: { value: string; onWords: (words: string) => Promise<Problem | null> }) {
  const [problem, setProblem] = useState<string | null>(null);
  return (
    <label className="mt-3 block max-w-3xl">
      <span className="mb-0.5 block text-[0.92rem] text-soft">Notes</span>
      <textarea
        key={value}
        defaultValue={value}
        rows={3}
        onBlur={async (e) => {
          if (e.currentTarget.value.trim() !== value) {
            setProblem((await onWords(e.currentTarget.value))?.detail ?? null);
          }
        }}
        className="w-full rounded-md border border-ink/45 bg-sheet px-2.5 py-2"
      />
      {problem ? (
        <span role="alert" className="block text-stop">
          {problem}
        </span>
      ) : null}
    </label>
  );
}

function PictureShelf({ id }: { id: number }) {
  const client = useQueryClient();
  const pictures = useQuery(picturesQuery(id)).data ?? [];
  const file = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const again = () => client.invalidateQueries({ queryKey: picturesQuery(id).queryKey });
  const add = async (files: FileList) => {
    setProblem(null);
    for (const one of files) {
      try {
        await api.addPicture(id, one);
      } catch (thrown) {
        setProblem(`${one.name}: ${problemOf(thrown).detail}`);
      }
    }
    await again();
  };
  return (
    <section aria-labelledby="pictures" className="mt-6">
      <h2 id="pictures" className="heading mb-2 max-w-3xl border-b border-ink/30 pb-1">
        Pictures to work from
      </h2>
      <ul className="flex flex-wrap gap-4">
        {pictures.map((p) => (
          <li key={p.id} className="relative">
            <img src={`/api/pictures/${p.id}`} alt={p.caption} className="block h-40 border border-ink/30" />
            <Button
              className="absolute top-1 right-1 bg-sheet/90 px-2.5"
              aria-label={`Take ${p.caption} away`}
              onClick={async () => {
                try {
                  await api.takePicture(p.id);
                } catch (thrown) {
                  tellBad(problemOf(thrown).detail);
                }
                await again();
              }}
            >
              <Trash2 size={17} aria-hidden />
            </Button>
          </li>
        ))}
      </ul>
      {problem ? (
        <p role="alert" className="my-2 border-l-4 border-stop bg-stop-ground px-4 py-3">
          {problem}
        </p>
      ) : null}
      <Button look="pin" className="px-1" onClick={() => file.current?.click()}>
        <ImagePlus size={18} aria-hidden /> Add pictures
      </Button>
      <input
        ref={file}
        type="file"
        aria-label="Pictures"
        accept="image/jpeg,image/png,image/webp"
        multiple
        tabIndex={-1}
        className="sr-only"
        onChange={(e) => {
          const { files } = e.currentTarget;
          if (files) {
            void add(files).finally(() => {
              if (file.current) {
                file.current.value = '';
              }
            });
          }
        }}
      />
      <p className="note">
        JPEG, PNG or WebP. They are kept smaller, without what the camera noted of place and time.
      </p>
    </section>
  );
}
