import { useQuery } from '@tanstack/react-query';
import { at, useChange } from './change';
import { answer, client, type Schemas } from './client';
import { key } from './keys';

/** What an angler has practised, latest first. */
export const usePractised = (angler: number | undefined) =>
  useQuery({
    queryKey: key('practised', angler),
    enabled: angler !== undefined,
    queryFn: () => answer(client.GET('/api/anglers/{id}/practice', at(angler ?? 0))),
  });

export const useNotePractised = () =>
  useChange('practised', ({ angler, body }: { angler: number; body: Schemas['NewPractised'] }) =>
    answer(client.POST('/api/anglers/{id}/practice', { ...at(angler), body })),
  );

/** Forgets one of them, or all. */
export const useForgetPractised = () =>
  useChange('practised', ({ angler, uuid }: { angler: number; uuid: string | null }) =>
    answer(
      uuid === null
        ? client.DELETE('/api/anglers/{id}/practice', at(angler))
        : client.DELETE('/api/anglers/{id}/practice/{uuid}', { params: { path: { id: angler, uuid } } }),
    ),
  );
