import type { Schemas } from '../api/client';
import { MATERIAL_WORD } from '../drawings/material';
import { force, length, type Units, words } from '../units/units';

/** A leader that is tied on, in words: "6.9 kg fluorocarbon, 1.5 m". */
export function leaderWords(leader: Schemas['TiedLeader'], units: Units): string {
  return [
    [
      leader.strength_N === null ? leader.strength : words(force(leader.strength_N, units)),
      leader.material ? MATERIAL_WORD[leader.material] : '',
    ]
      .filter(Boolean)
      .join(' '),
    leader.length_m === null ? '' : words(length(leader.length_m, units)),
  ]
    .filter(Boolean)
    .join(', ');
}
