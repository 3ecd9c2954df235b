import { useQuery } from '@tanstack/react-query';
import { api, type OwnPiece } from '../api/client';
import { withField } from '../plan/edit';
import { Pick } from '../ui/select';
import type { ChangePiece } from './piece-group';

/** A mould of the cupboard: its size, and what a pressing of it weighs where that is known. */
export function MouldPick({ piece, change }: { piece: OwnPiece; change: ChangePiece }) {
  const { data } = useQuery({ queryKey: ['cupboard'], queryFn: api.cupboard });
  const moulds = (data ?? []).filter((t) => t.kind === 'mould');
  if (moulds.length === 0) {
    return null;
  }
  const size = (t: (typeof moulds)[number], name: string) => Number(t.sizes[name] ?? 0);
  const mine = moulds.find((t) => size(t, 'across') === piece.width);
  return (
    <Pick
      label="Mould owned"
      value={mine ? String(mine.id) : 'other'}
      options={[
        ...(mine ? [] : [{ name: 'other', label: 'none like it' }]),
        ...moulds.map((t) => ({ name: String(t.id), label: t.name })),
      ]}
      onChoice={(id) => {
        const taken = moulds.find((t) => String(t.id) === id);
        if (taken) {
          const holds = size(taken, 'holds');
          void change((p) => ({
            ...p,
            width: size(taken, 'across'),
            height: Math.round((p.height / p.width) * size(taken, 'across') * 10) / 10,
            settings: withField(p.settings ?? {}, 'weighed', holds > 0 ? holds : undefined),
          }));
        }
      }}
    />
  );
}
