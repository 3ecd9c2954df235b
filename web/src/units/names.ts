import { useQuery } from '@tanstack/react-query';
import { api, type Names, type Role } from '../api/client';

/** Who is signed in, and in which workshop. */
export function useMe(): Names | undefined {
  return useQuery({ queryKey: ['names'], queryFn: api.names, staleTime: 60_000 }).data;
}

const ROLES: readonly Role[] = ['reader', 'helper', 'decorator', 'owner'];

/** Whether somebody may what this role may; before it is known they may, and the server has the last word. */
export const may = (me: Names | undefined, needed: Role): boolean =>
  me === undefined || ROLES.indexOf(me.role) >= ROLES.indexOf(needed);
