import type { Schemas } from '../api/client';
import { useKeepDrag } from '../api/history';
import type { DragResult, Reel, Spool } from '../api/types';
import { newId } from '../parts/newId';
import { done, failed } from '../parts/undo';
import { useTakeBack } from '../parts/useTakeBack';
import { useBench } from '../shell/bench';
import { chainOf, type DragDraft } from './chain';

interface Kept {
  draft: DragDraft;
  drag: DragResult;
  reel: Reel | undefined;
  spool: Spool | undefined;
}
type Setting = Pick<Schemas['NewDrag'], 'mechanism' | 'knob' | 'from_off' | 'target_N' | 'pulls'> &
  Partial<Schemas['NewDrag']>;

/** Keeps a setting, or a point at another level, with the chain it was made for; it can be taken back. */
export function useKeepSetting({ draft, drag, reel, spool }: Kept) {
  const { angler } = useBench();
  const { mutateAsync, isPending } = useKeepDrag();
  const { takeBack } = useTakeBack();
  /** says whether it is kept */
  const keep = async (setting: Setting, words: string): Promise<boolean> => {
    if (!reel || !spool) return false;
    const tip = draft.tip === 'yes';
    try {
      const made = await mutateAsync({
        id: newId(),
        reel: reel.id,
        spool: spool.id,
        angler: angler?.id ?? null,
        tip,
        rod_angle_deg: tip ? draft.angle || null : null,
        weakest: drag.weakest,
        weakest_N: drag.weakest_N,
        surface_mm: drag.curve[0]?.diameter_mm ?? null,
        chain: chainOf(draft),
        ...setting,
      });
      done(words, () => takeBack(made.id), true);
      return true;
    } catch (error) {
      failed(error);
      return false;
    }
  };
  return { keep, isPending };
}
