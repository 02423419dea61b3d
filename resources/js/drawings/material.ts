import type { Schemas } from '../api/client';

export type Material = Schemas['Material'];
export type Role = Schemas['FilledLayer']['role'];

/** The words on screen for what a line is made of and what it is for. */
export const MATERIAL_WORD: Record<Material, string> = {
  mono: 'mono',
  fluoro: 'fluorocarbon',
  hybrid: 'hybrid',
  braid: 'braid',
};
export const ROLE_WORD: Record<Role, string> = { backing: 'backing', main: 'main line', leader: 'leader' };
