import { useQuery } from '@tanstack/react-query';
import { at, useChange } from './change';
import { answer, client, type Schemas } from './client';
import { key } from './keys';
import { household } from './served';

export type Household = Schemas['Household'];

export const useHousehold = () =>
  useQuery({
    queryKey: key('account'),
    enabled: household !== null,
    queryFn: () => answer(client.GET('/api/account')),
  });

export const useRename = () =>
  useChange('account', (name: string) => answer(client.PATCH('/api/account', { body: { household: name } })));
export const useInvite = () =>
  useChange('account', (email: string) => answer(client.POST('/api/account/invitations', { body: { email } })));
export const useTakeInvitationBack = () =>
  useChange('account', (id: number) => answer(client.DELETE('/api/account/invitations/{id}', at(id))));
export const useKeep = () =>
  useChange('account', ({ id, keeper }: { id: number; keeper: boolean }) =>
    answer(client.PATCH('/api/account/people/{id}', { ...at(id), body: { keeper } })),
  );
export const useShowOut = () =>
  useChange('account', (id: number) => answer<unknown>(client.DELETE('/api/account/people/{id}', at(id))));
export const useEndSession = () =>
  useChange('account', (name: string) =>
    answer<unknown>(client.DELETE('/api/account/sessions/{name}', { params: { path: { name } } })),
  );
export const useEndAllSessions = () =>
  useChange('account', () => answer<unknown>(client.DELETE('/api/account/sessions')));
export const useMakeKey = () =>
  useChange('account', (name: string) => answer(client.POST('/api/account/keys', { body: { name } })));
export const useRevokeKey = () =>
  useChange('account', (id: number) => answer(client.DELETE('/api/account/keys/{id}', at(id))));
export const useChangePassword = () =>
  useChange('account', (body: { password: string; new: string }) =>
    answer(client.POST('/api/account/password', { body })),
  );
export const useGiveUp = () =>
  useChange('account', (body: { household: string; password: string; stamp: string }) =>
    answer<unknown>(client.POST('/api/account/give-up', { body })),
  );
