import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { mirrored, readFilm, type SentFilm } from '../drawings/knot/film';

/** Where each film lies among the built files; only the one that is looked at is fetched. */
const FILES = import.meta.glob<string>('../../films/*.json.gz', { query: '?url', import: 'default' });

async function fetched(name: string) {
  const file = FILES[`../../films/${name}.json.gz`];
  if (!file) throw new Error(`There is no film ${name}.`);
  const answer = await fetch(await file());
  if (!answer.ok || !answer.body)
    throw new Error('The knot film could not be loaded. Check that Undro is running, then try again.');
  return readFilm(JSON.parse(await unpacked(answer)) as SentFilm);
}

const unpacked = (answer: Response) => new Response(answer.body?.pipeThrough(new DecompressionStream('gzip'))).text();

/** The film of a knot, by its name; for the other hand mirrored. */
export function useFilm(name: string | null, leftHanded: boolean) {
  const query = useQuery({
    queryKey: ['film', name],
    queryFn: () => fetched(name as string),
    enabled: name !== null,
    staleTime: Number.POSITIVE_INFINITY,
    structuralSharing: false,
    retry: false,
  });
  const film = useMemo(() => (query.data && leftHanded ? mirrored(query.data) : query.data), [query.data, leftHanded]);
  return { ...query, data: film };
}
