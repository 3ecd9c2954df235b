import { useQueries, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, type LetteringStyle, type Motif, problemOf } from '../api/client';
import { Choice } from '../ui/choice';
import { Pick } from '../ui/select';
import { LengthField } from '../ui/typed';
import { MotifPicture } from './motif-picture';

const SET = [
  { name: 'beside', label: 'beside' },
  { name: 'over', label: 'one over another' },
  { name: 'across', label: 'crossing' },
] as const;
const JOIN = [
  { name: 'joined', label: 'joined' },
  { name: 'cut', label: 'with a gap' },
] as const;
const LINE = [
  { name: 'straight', label: 'straight' },
  { name: 'arch', label: 'an arch' },
  { name: 'swag', label: 'a swag' },
] as const;
const FRAME = [
  { name: 'none', label: 'none' },
  { name: 'ring', label: 'ring' },
  { name: 'square', label: 'square' },
  { name: 'diamond', label: 'diamond' },
] as const;

interface Props {
  words: string;
  onArt: (motif: Motif | null) => void;
}

/** Initials and short words in faces that ship; what is set is drawn at once. */
export function Letters({ words, onArt }: Props) {
  const [text, setText] = useState(words);
  const [face, setFace] = useState('cinzel');
  const [wish, setWish] = useState<LetteringStyle>({ height: 60, gap: 1.5, bow: 15, rim: 3 });
  const kept = useQuery({ queryKey: ['drawer'], queryFn: api.drawer }).data ?? [];
  const [under, setUnder] = useState('none');
  const ornament = kept.find((k) => String(k.id) === under)?.motif;
  const [drawn, setDrawn] = useState<Motif | null>(null);
  const [said, setSaid] = useState<string | null>(null);

  useEffect(() => {
    let gone = false;
    api
      .letters({ text, face, wish, ...(ornament ? { ornament } : {}) })
      .then(({ motif }) => {
        if (!gone) {
          setDrawn(motif);
          setSaid(null);
          onArt(motif);
        }
      })
      .catch((thrown: unknown) => {
        if (!gone) {
          setSaid(problemOf(thrown).detail);
          onArt(null);
        }
      });
    return () => {
      gone = true;
    };
  }, [text, face, wish, ornament, onArt]);

  const change = (part: Partial<LetteringStyle>) => setWish((w) => ({ ...w, ...part }));
  const length = (label: string, name: 'height' | 'gap' | 'bow' | 'rim') => (
    <LengthField
      label={label}
      field={`letters.${name}`}
      mm={wish[name]}
      onLength={async (mm) => {
        if (mm !== null) {
          change({ [name]: mm });
        }
        return null;
      }}
    />
  );
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <div className="flex flex-col gap-3">
        <label className="flex flex-col text-[0.92rem] text-soft">
          Letters
          <input
            value={text}
            maxLength={40}
            onChange={(e) => setText(e.target.value)}
            className="min-h-11 rounded-md border border-ink/45 bg-sheet px-3 text-[1.1rem] font-semibold text-ink"
          />
        </label>
        <Faces text={text} face={face} onFace={setFace} />
        <Choice
          label="They stand"
          value={wish.set ?? 'beside'}
          options={SET}
          onChoice={(set) => change({ set })}
        />
        {wish.set === 'across' ? (
          <Choice
            label="Where they cross"
            value={wish.join ?? 'joined'}
            options={JOIN}
            onChoice={(join) => change({ join })}
          />
        ) : null}
        <Choice
          label="On"
          value={wish.line ?? 'straight'}
          options={LINE}
          onChoice={(line) => change({ line })}
        />
        <Pick
          label="Frame"
          value={wish.frame ?? 'none'}
          options={[...FRAME]}
          onChoice={(frame) => change({ frame: frame as NonNullable<LetteringStyle['frame']> })}
        />
        {kept.length > 0 ? (
          <Pick
            label="Ornament under them, from the drawer"
            value={under}
            options={[
              { name: 'none', label: 'none' },
              ...kept.map((k) => ({ name: String(k.id), label: k.motif.name })),
            ]}
            onChoice={setUnder}
          />
        ) : null}
        <div className="grid grid-cols-2 gap-3">
          {length('Letters, high', 'height')}
          {length('Gap', 'gap')}
          {wish.line && wish.line !== 'straight' ? length('Bows by', 'bow') : null}
          {wish.frame && wish.frame !== 'none' ? length('Frame, wide', 'rim') : null}
        </div>
      </div>
      <div aria-live="polite" className="rounded-md border border-ink/25 bg-paper p-3">
        {said ? <p className="text-stop">{said}</p> : null}
        {drawn ? <MotifPicture motif={drawn} className="h-72 w-full" /> : null}
      </div>
    </div>
  );
}

interface FacesProps {
  text: string;
  face: string;
  onFace: (face: string) => void;
}

/** As letters are shown when one chooses a face by them. */
const PLAIN: LetteringStyle = { height: 40, gap: 0, bow: 0, rim: 1 };

/** Every face in the words that are to be set. */
function Faces({ text, face, onFace }: FacesProps) {
  const faces = useQuery({ queryKey: ['faces'], queryFn: api.faces }).data ?? [];
  const shown = useQueries({
    queries: faces.map((f) => ({
      queryKey: ['face', f.name, text],
      queryFn: () => api.letters({ text, face: f.name, wish: PLAIN }),
      retry: false,
      placeholderData: (before: Awaited<ReturnType<typeof api.letters>> | undefined) => before,
    })),
  });
  return (
    <div role="radiogroup" aria-label="Face" className="grid grid-cols-2 gap-1.5">
      {faces.map((f, i) => (
        <button
          key={f.name}
          type="button"
          role="radio"
          aria-checked={f.name === face}
          aria-label={`${f.label}: ${f.character}`}
          title={f.character}
          onClick={() => onFace(f.name)}
          className={`flex min-h-11 flex-col rounded-md border bg-sheet px-2 pt-1 text-left ${f.name === face ? 'border-ink ring-1 ring-ink' : 'border-ink/30 hover:border-ink'}`}
        >
          {shown[i]?.data ? <MotifPicture motif={shown[i].data.motif} className="h-9 w-full" /> : null}
          <span className="text-[0.86rem] text-soft">{f.label}</span>
        </button>
      ))}
    </div>
  );
}
