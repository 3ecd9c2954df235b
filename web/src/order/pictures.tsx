import { useQuery } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { create } from 'zustand';
import { api } from '../api/client';

/** The picture that lies beside the work, whatever the stage. */
const usePinned = create<{ id: number | null; caption: string }>(() => ({ id: null, caption: '' }));

export const picturesQuery = (id: number) => ({
  queryKey: ['pictures', id],
  queryFn: () => api.pictures(id),
});

export function PictureThumbs({ id }: { id: number }) {
  const pictures = useQuery(picturesQuery(id)).data ?? [];
  const pinned = usePinned((s) => s.id);
  if (pictures.length === 0) {
    return null;
  }
  return (
    <ul aria-label="Reference pictures" className="flex flex-wrap gap-1.5 px-1">
      {pictures.slice(0, 6).map((p) => (
        <li key={p.id}>
          <button
            type="button"
            aria-label={`Show ${p.caption || 'picture'} beside the work`}
            aria-pressed={pinned === p.id}
            onClick={() =>
              usePinned.setState(pinned === p.id ? { id: null } : { id: p.id, caption: p.caption })
            }
            className={`block size-11 overflow-hidden rounded border-2 ${pinned === p.id ? 'border-pin' : 'border-transparent'}`}
          >
            <img src={`/api/pictures/${p.id}`} alt="" className="size-full object-cover" />
          </button>
        </li>
      ))}
    </ul>
  );
}

export function PinnedPicture({ plan }: { plan: number }) {
  const { id, caption } = usePinned();
  const mine = useQuery(picturesQuery(plan)).data?.some((p) => p.id === id) ?? false;
  if (id === null || !mine) {
    return null;
  }
  return (
    <figure className="fixed bottom-4 left-[162px] z-30 m-0 w-64 border border-ink/40 bg-sheet p-2 shadow-[0_8px_30px_rgb(28_42_54/0.25)]">
      <button
        type="button"
        aria-label="Put the picture away"
        onClick={() => usePinned.setState({ id: null })}
        className="absolute top-1 right-1 grid size-11 place-items-center rounded-md bg-sheet/85 hover:bg-wash"
      >
        <X size={18} aria-hidden />
      </button>
      <img src={`/api/pictures/${id}`} alt={caption} className="block max-h-72 w-full object-contain" />
      <figcaption className="note truncate pt-1">{caption}</figcaption>
    </figure>
  );
}
