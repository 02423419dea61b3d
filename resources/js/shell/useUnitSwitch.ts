import { useChangeAngler } from '../api/records';
import type { Units } from '../units/units';
import { useBench } from './bench';

const METRIC: Units = { length: 'm', small: 'mm', force: 'kg' };
const IMPERIAL: Units = { length: 'yd', small: 'in', force: 'lb' };

/** Turns the angler's units over, all at once. Single quantities are chosen in the units menu. */
export function useUnitSwitch(): () => void {
  const { angler } = useBench();
  const change = useChangeAngler();
  return () => {
    if (angler) {
      change.mutate({ id: angler.id, body: { units: angler.units.small === 'mm' ? IMPERIAL : METRIC } });
    }
  };
}
