import { useQuery } from '@tanstack/react-query';
import { answer, client } from './client';
import { household } from './served';

/** The line counter as it was heard last, asked often while it is looked at. */
export const useCounter = (every: number) =>
  useQuery({
    queryKey: ['counter'],
    // devices stand beside one's own computer, not beside a server
    enabled: household === null,
    refetchInterval: every,
    gcTime: 0,
    queryFn: ({ signal }) => answer(client.GET('/api/devices/counter', { signal })),
  });
export const driveCounter = (what: 'run' | 'stop' | 'stall' | 'pull', amount?: number) =>
  answer(client.POST('/api/devices/counter', { body: { do: what, ...(amount === undefined ? {} : { amount }) } }));

/** The pull scale as it was heard last, asked often while it is looked at. */
export const useScale = (every: number | false) =>
  useQuery({
    queryKey: ['scale'],
    enabled: household === null,
    refetchInterval: every,
    gcTime: 0,
    queryFn: ({ signal }) => answer(client.GET('/api/devices/scale', { signal })),
  });
export const driveScale = (what: 'drag' | 'target' | 'knob' | 'rise' | 'hold' | 'pull', amount?: number) =>
  answer(client.POST('/api/devices/scale', { body: { do: what, ...(amount === undefined ? {} : { amount }) } }));

/** The kitchen scale as it was heard last. */
export const useKitchen = (every: number) =>
  useQuery({
    queryKey: ['kitchen'],
    enabled: household === null,
    refetchInterval: every,
    gcTime: 0,
    queryFn: ({ signal }) => answer(client.GET('/api/devices/kitchen', { signal })),
  });
export const loadKitchen = (grams: number) =>
  answer(client.POST('/api/devices/kitchen', { body: { do: 'load', amount: grams } }));
