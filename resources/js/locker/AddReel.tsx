import { useAddReel, useChangeReel } from '../api/records';
import { FigureForm } from '../parts/FigureForm';
import { done } from '../parts/undo';
import { useBench } from '../shell/bench';
import { reelFields, STAMP } from './fields';

export function AddReel({ onDone }: { onDone: () => void }) {
  const { units, put } = useBench();
  const add = useAddReel();
  const change = useChangeReel();
  return (
    <FigureForm
      label="Add a reel"
      fields={[...reelFields(units), STAMP]}
      initial={{ name: '', kind: 'spinning', gear_ratio: '', max_drag: '', mono_range: '', braid_range: '', stamp: '' }}
      submit="Add reel"
      onCancel={onDone}
      onSubmit={async ({ stamp, ...values }) => {
        const body = values as { name: string; kind: 'spinning' };
        const reel = await add.mutateAsync({ ...body, spool: { stamp: stamp ?? '' } });
        const [spool] = reel.spools;
        if (spool) put(reel.id, spool.id);
        done(`${reel.name} added to Locker and put on the bench.`, () =>
          change.mutateAsync({ id: reel.id, body: { archived: true } }),
        );
        onDone();
      }}
    />
  );
}
