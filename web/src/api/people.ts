import { got, http, of, raw } from './http';
import type { Plan, Role, Schemas } from './types';

const nothing = async (answer: Promise<unknown>): Promise<void> => void (await answer);

/** Coming in, the crew, links, archives. */
export const peopleApi = {
  welcome: () => got(http.GET('/api/welcome')),
  enter: () => nothing(http.POST('/api/enter')),
  begin: (body: Schemas['Beginning']) => nothing(http.POST('/api/begin', { body })),
  signIn: (body: Schemas['SignInTyped']) => nothing(http.POST('/api/sign-in', { body })),
  signOut: () => nothing(http.POST('/api/sign-out')),
  invited: (code: string) => got(http.POST('/api/invited', { body: { code } })),
  join: (body: Schemas['Joining']) => nothing(http.POST('/api/join', { body })),
  reset: (body: Schemas['Joining']) => nothing(http.POST('/api/reset', { body })),
  account: () => got(http.GET('/api/account')),
  rename: (name: string) => got(http.PUT('/api/account', { body: { name } })),
  changePassword: (body: Schemas['AccountChange']) => got(http.PUT('/api/account/password', { body })),
  endDevice: (id: string) => got(http.DELETE('/api/account/devices/{id}', { params: { path: { id } } })),
  endAllDevices: () => nothing(http.DELETE('/api/account/devices')),
  crew: () => got(http.GET('/api/people')),
  invite: (name: string, role: Role) => got(http.POST('/api/people/invitations', { body: { name, role } })),
  withdrawInvitation: (id: number) => got(http.DELETE('/api/people/invitations/{id}', of({ id }))),
  become: (id: number, role: Role) =>
    got(http.PUT('/api/people/{id}/role', { ...of({ id }), body: { role } })),
  removePerson: (id: number) => got(http.DELETE('/api/people/{id}', of({ id }))),
  resetCode: (id: number) => got(http.POST('/api/people/{id}/reset', of({ id }))),
  audit: (before?: number) =>
    got(http.GET('/api/audit', { params: { query: before === undefined ? {} : { before } } })),
  search: (words: string) => got(http.GET('/api/search', { params: { query: { words } } })),
  reckoning: (body: Schemas['ReckoningRequest']) => got(http.POST('/api/reckoning', { body })),
  differing: (plan: Plan) => got(http.POST('/api/differing', { body: { plan } })),
  shares: (id: number) => got(http.GET('/api/plans/{id}/shares', of({ id }))),
  share: (id: number, body: Schemas['ShareWish']) =>
    got(http.POST('/api/plans/{id}/shares', { ...of({ id }), body })),
  withdrawShare: (id: number, link: number) =>
    got(http.DELETE('/api/plans/{id}/shares/{link}', of({ id, link }))),
  shared: () => got(http.GET('/api/shared')),
  takeArchive: (file: Blob) =>
    got(http.POST('/api/archive', raw(file) as never)) as Promise<Schemas['ArchiveReport']>,
};
